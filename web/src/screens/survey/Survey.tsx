import { useParams } from 'react-router';
import { useCatalogue } from '../../api/catalogue';
import { useSurvey } from '../../api/parts';
import { Failed, Loading } from '../../parts/Waiting';
import { SurveyEditor } from './SurveyEditor';

export function Survey() {
  const { part = '' } = useParams();
  const survey = useSurvey(part);
  const catalogue = useCatalogue();
  if (survey.isPending || catalogue.isPending) return <Loading />;
  if (survey.isError) return <Failed error={survey.error} />;
  if (catalogue.isError) return <Failed error={catalogue.error} />;
  return <SurveyEditor view={survey.data} catalogue={catalogue.data} key={survey.data.id} />;
}

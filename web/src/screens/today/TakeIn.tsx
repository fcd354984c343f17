import { Trans } from '@lingui/react/macro';
import { Button, Dialog, DialogActions, DialogContent, DialogTitle } from '@mui/material';
import { useCatalogue } from '../../api/catalogue';
import { useGear } from '../../api/workshop';
import { Failed, Loading } from '../../parts/Waiting';
import { FirstGear } from '../yard/Gear';
import { PartForm } from './PartForm';

export function TakeIn(of: { open: boolean; close: () => void }) {
  const gear = useGear();
  const catalogue = useCatalogue();
  if (gear.data?.asked === false)
    return (
      <Dialog open={of.open} onClose={of.close} fullWidth maxWidth="md">
        <DialogTitle>
          <Trans>What does the yard have?</Trans>
        </DialogTitle>
        <DialogContent>
          <FirstGear view={gear.data} />
        </DialogContent>
        <DialogActions>
          <Button onClick={of.close}>
            <Trans>Not now</Trans>
          </Button>
        </DialogActions>
      </Dialog>
    );
  if (gear.isPending || catalogue.isPending)
    return (
      <Dialog open={of.open} onClose={of.close}>
        <Loading />
      </Dialog>
    );
  if (catalogue.isError)
    return (
      <Dialog open={of.open} onClose={of.close}>
        <Failed error={catalogue.error} />
      </Dialog>
    );
  return <PartForm {...of} catalogue={catalogue.data} />;
}

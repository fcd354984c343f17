import { Menu, MenuItem } from '@mui/material';

export function JobChoices({
  at,
  choices,
  close,
}: {
  at: HTMLElement;
  choices: [label: string, act: () => void][];
  close: () => void;
}) {
  return (
    <Menu anchorEl={at} open onClose={close}>
      {choices.map(([label, act]) => (
        <MenuItem
          key={label}
          onClick={() => {
            close();
            act();
          }}
        >
          {label}
        </MenuItem>
      ))}
    </Menu>
  );
}

import { ButtonBase } from '@mui/material';
import { styled } from '@mui/material/styles';

/** Words in a row that open what they name. */
export const Opener = styled(ButtonBase)({
  font: 'inherit',
  textAlign: 'left',
  '&:hover': { textDecoration: 'underline' },
});

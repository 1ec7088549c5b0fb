import { InputBase, type AutocompleteRenderInputParams, type InputBaseProps } from '@mui/material';

/** The input of a list to pick from, bare as all our inputs are. */
export const pickInput = (own: Pick<InputBaseProps, 'placeholder' | 'inputProps' | 'sx'>) =>
  function PickInput({ slotProps, ...parameters }: AutocompleteRenderInputParams) {
    const { input, htmlInput } = slotProps as { input: object; htmlInput: object };
    return <InputBase {...parameters} {...input} {...own} inputProps={{ ...htmlInput, ...own.inputProps }} />;
  };

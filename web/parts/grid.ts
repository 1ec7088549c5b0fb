import type { DataGridProps } from '@mui/x-data-grid';
import { colour, typeSize } from '../theme.ts';

/** What all grids have in common: no frame, no footer, rows as high as what they hold, one chosen by a click. */
export const gridLook = {
  density: 'compact',
  hideFooter: true,
  disableColumnMenu: true,
  disableMultipleRowSelection: true,
  getRowHeight: () => 'auto',
  sx: {
    border: 0,
    fontSize: typeSize.text,
    '--DataGrid-overlayHeight': '80px',
    '& .MuiDataGrid-cell': { py: 0.5, borderColor: colour.light },
    '& .MuiDataGrid-columnHeaderTitle': { fontSize: typeSize.small, fontWeight: 700, color: colour.middle },
    '& .MuiDataGrid-row': { cursor: 'pointer' },
    '& .soft': { color: colour.middle },
  },
} as const satisfies Partial<DataGridProps>;

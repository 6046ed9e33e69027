'use client';

import useMediaQuery from '@mui/material/useMediaQuery';

/** Whether the page is as narrow as on a phone, where the sheets stand in one column. */
export const useNarrow = (): boolean => useMediaQuery('(max-width: 899px)');

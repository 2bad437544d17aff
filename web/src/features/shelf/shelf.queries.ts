import { queryOptions } from '@tanstack/react-query';
import { api } from '../../api/client';

export const hairLinesQuery = () =>
  queryOptions({ queryKey: ['hair-lines'], queryFn: api.hairLines });

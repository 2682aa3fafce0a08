import { api } from '../../api/client';
import type { TableName } from '../../api/types';

/** A table for a spreadsheet, of one student or of everybody. */
export function table(name: TableName, student?: number) {
  return async (signal: AbortSignal): Promise<Response> =>
    (await api.POST('/api/exports/csv', { body: { table: name, student }, signal, parseAs: 'stream' }))
      .response;
}

/** The archive of one student, or of the whole studio. */
export function archive(student?: number) {
  return async (signal: AbortSignal): Promise<Response> =>
    (await api.POST('/api/exports/archive', { body: { student }, signal, parseAs: 'stream' })).response;
}

/** The calendar of one student, or of the whole studio. */
export function calendar(student?: number) {
  return async (signal: AbortSignal): Promise<Response> =>
    (await api.POST('/api/exports/ics', { body: { student }, signal, parseAs: 'stream' })).response;
}

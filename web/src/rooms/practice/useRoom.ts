import { useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { createContext, useCallback, useContext } from 'react';
import { data, practiceApi } from '../../api/client';
import type { Piece, Room, TakeRequest } from '../../api/types';
import type { components } from '../../api/schema.gen';

type TakenPart = components['schemas']['TakenPart'];

/** A room as it was given, and which takes are in it already though they may still be on this device. */
export interface KeptRoom extends Room {
  arrived: string[];
}

const MOST_ARRIVED = 200;

const keyOf = (token: string) => ['room', token];

/** All that this device needs to go on by itself. */
export function useRoom(token: string, wanted: boolean) {
  const queries = useQueryClient();
  return useQuery({
    queryKey: keyOf(token),
    queryFn: async (): Promise<KeptRoom> => {
      const room = await data(practiceApi(token).GET('/api/practice/room'));
      return { ...room, arrived: queries.getQueryData<KeptRoom>(keyOf(token))?.arrived ?? [] };
    },
    enabled: wanted,
  });
}

/** Puts what the studio has answered to a take in place of what was kept of the piece. */
export async function putPiece(queries: QueryClient, token: string, take: TakeRequest, piece: Piece) {
  // What was asked before the take arrived would put the piece back.
  await queries.cancelQueries({ queryKey: keyOf(token) });
  queries.setQueryData<KeptRoom>(
    keyOf(token),
    (room) =>
      room && {
        ...room,
        pieces: room.pieces.map((one) => (one.assignmentId === piece.assignmentId ? piece : one)),
        arrived: [...room.arrived, take.clientId].slice(-MOST_ARRIVED),
      },
  );
}

/** A take as the rules count it. */
export function takenOf(take: TakeRequest): TakenPart {
  const { assignmentId, bpm, played, outcome, slipped, seconds, takenAt } = take;
  return { assignmentId, bpm, played, outcome, slipped, seconds, takenAt };
}

/** The room as the rules take it. */
export function roomOf(kept: KeptRoom): Room {
  const { arrived, ...room } = kept;
  void arrived;
  return room;
}

/** What the items of a list go by, beside themselves. */
export interface Kept {
  room: Room;
  /** What the studio does not have yet. */
  taken: TakenPart[];
}

export const KeptContext = createContext<Kept | undefined>(undefined);

/** What is kept of a piece; nothing where it is not here yet. */
export function usePiece(assignmentId: number) {
  const kept = useContext(KeptContext);
  const piece = kept?.room.pieces.find((one) => one.assignmentId === assignmentId);
  return kept && piece ? { ...kept, piece } : undefined;
}

/** Asks for the room afresh. */
export function useAgain(token: string) {
  const queries = useQueryClient();
  return useCallback(() => void queries.invalidateQueries({ queryKey: keyOf(token) }), [queries, token]);
}

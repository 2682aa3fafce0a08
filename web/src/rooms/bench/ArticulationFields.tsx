import { useAround, useDraft } from './BenchContext';
import { Row } from './Row';

const SLURS = [2, 3, 4, 6, 8, 12, 16];
const ACCENTS = [2, 3, 4, 6, 8];
const SHARES = ['1', '1/2', '1/3', '1/4', '1/8'];
/** What is counted: so many notes in a slur. */
const isCounted = (kind: string) => kind === 'slurred' || kind === 'slurred-staccato';

const BOWS = [
  { value: 'none', label: 'none' },
  { value: 'down', label: 'down first' },
  { value: 'up', label: 'up first' },
] as const;

/** How the notes are joined, stressed and bowed. */
export function ArticulationFields() {
  const { step, dispatch } = useDraft();
  const { catalogue, student } = useAround();
  const { articulation } = step.document;
  const bowed = !student || student.instrument.family === 'strings';
  const set = (change: Partial<typeof articulation>) =>
    dispatch({ type: 'articulation', articulation: { ...articulation, ...change } });
  return (
    <>
      <Row
        label="Joined"
        value={articulation.kind}
        choices={catalogue.articulations.map((kind) => ({ value: kind.id, label: kind.name }))}
        onChange={(kind) => set({ kind, by: isCounted(kind) ? (articulation.by ?? 4) : undefined })}
      />
      {articulation.by != null && (
        <Row
          label="Notes in a slur"
          value={String(articulation.by)}
          choices={SLURS.map((by) => ({ value: String(by), label: String(by) }))}
          onChange={(by) => set({ by: Number(by) })}
        />
      )}
      <Row
        label="Accents"
        value={String(articulation.accentEvery ?? '')}
        choices={[
          { value: '', label: 'none' },
          ...ACCENTS.map((every) => ({ value: String(every), label: `every ${every} notes` })),
        ]}
        onChange={(every) => set({ accentEvery: Number(every) || undefined })}
      />
      {bowed && (
        <>
          <Row
            label="Bow marks"
            value={articulation.bow ?? 'none'}
            choices={BOWS}
            onChange={(bow) => set({ bow: bow === 'none' ? undefined : bow })}
          />
          <Row
            label="Bow for each"
            value={articulation.bowShare ?? ''}
            choices={[
              { value: '', label: 'as it comes' },
              ...SHARES.map((share) => ({ value: share, label: share === '1' ? 'whole bow' : share })),
            ]}
            onChange={(share) => set({ bowShare: share || undefined })}
          />
        </>
      )}
    </>
  );
}

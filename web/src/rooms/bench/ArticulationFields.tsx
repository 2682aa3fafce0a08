import { useAround, useDraft } from './BenchContext';
import { Row } from './Row';

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
  const { slurs, accents, bowShares } = catalogue.amounts;
  const bowed = !student || student.instrument.family === 'strings';
  const set = (change: Partial<typeof articulation>) =>
    dispatch({ type: 'articulation', articulation: { ...articulation, ...change } });
  return (
    <>
      <Row
        label="Joined"
        value={articulation.kind}
        choices={catalogue.articulations.map((kind) => ({ value: kind.id, label: kind.name }))}
        onChange={(joined) => dispatch({ type: 'edit', edit: { joined } })}
      />
      {articulation.by != null && (
        <Row
          label="Notes in a slur"
          value={String(articulation.by)}
          choices={slurs.map((by) => ({ value: String(by), label: String(by) }))}
          onChange={(by) => set({ by: Number(by) })}
        />
      )}
      <Row
        label="Accents"
        value={String(articulation.accentEvery ?? '')}
        choices={[
          { value: '', label: 'none' },
          ...accents.map((every) => ({ value: String(every), label: `every ${every} notes` })),
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
              ...bowShares.map((share) => ({ value: share, label: share === '1' ? 'whole bow' : share })),
            ]}
            onChange={(share) => set({ bowShare: share || undefined })}
          />
        </>
      )}
    </>
  );
}

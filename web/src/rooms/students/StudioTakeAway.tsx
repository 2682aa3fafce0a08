import { CalendarPart } from '../../parts/takeaway/CalendarPart';
import { FileButton } from '../../parts/takeaway/FileButton';
import { archive, table } from '../../parts/takeaway/tables';
import { FormDialog } from '../../ui/FormDialog';
import classes from '../../parts/takeaway/Files.module.css';

/** Everything of the whole studio that can leave. */
export function StudioTakeAway({ owner, onClose }: { owner: boolean; onClose: () => void }) {
  return (
    <FormDialog title="Take away: the studio" onClose={onClose} size="lg">
      <div className={classes.parts}>
        <section className={classes.part} aria-label="Tables">
          <h3>Tables for a spreadsheet</h3>
          <FileButton
            label="Students"
            words="In the columns by which a list is read in"
            fetched={table('students')}
          />
          <FileButton label="Standings by key" words="Everybody, key by key" fetched={table('standings')} />
          <FileButton label="Minutes by day" words="Everybody, of the last year" fetched={table('minutes')} />
          <FileButton
            label="Required scales"
            words="Everybody, with how they stand"
            fetched={table('required')}
          />
        </section>
        <CalendarPart renews={owner} />
        {owner && (
          <section className={classes.part} aria-label="Everything">
            <h3>Everything</h3>
            <FileButton
              label="Archive of the studio"
              words="Students, routines, plans and every take, in open files; drop it on a Shelf to bring it in"
              fetched={archive()}
            />
            <p className={classes.note}>
              Passwords and practice links stay here. Whoever has the archive has what is kept about
              everybody: local rules on pupils’ data come first.
            </p>
          </section>
        )}
      </div>
    </FormDialog>
  );
}

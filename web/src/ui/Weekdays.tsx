import { Pill } from './Pill';
import classes from './Weekdays.module.css';

const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

interface Props {
  /** 1 is Monday; every day where there is none. */
  chosen: number[];
  onChange: (chosen: number[]) => void;
}

/** On which days of the week; none pressed is every day. */
export function Weekdays({ chosen, onChange }: Props) {
  return (
    <div role="group" aria-label="Days of the week" className={classes.days}>
      {DAYS.map((day, i) => {
        const number = i + 1;
        const on = chosen.length === 0 || chosen.includes(number);
        const others = (chosen.length === 0 ? DAYS.map((_, at) => at + 1) : chosen).filter(
          (one) => one !== number,
        );
        return (
          <Pill
            key={day}
            even
            pressed={on}
            onPress={() => onChange(on ? others : [...chosen, number].sort((a, b) => a - b))}
          >
            {day}
          </Pill>
        );
      })}
    </div>
  );
}

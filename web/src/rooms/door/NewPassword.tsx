import { Link } from 'react-router';
import { useNewPassword } from '../../api/account';
import { ChoosePassword } from './ChoosePassword';
import classes from './Door.module.css';

/** Choosing a new password from a letter. */
export function NewPassword() {
  return (
    <ChoosePassword
      title="Choose a new password"
      label="New password"
      go="Take it, and come in"
      taking={useNewPassword()}
      before={<p>Every other device is signed out with it.</p>}
    >
      <p className={classes.other}>
        <Link to="/forgotten">Ask for a new letter</Link>
      </p>
    </ChoosePassword>
  );
}

import { useJoin } from '../../api/account';
import { ChoosePassword } from './ChoosePassword';

/** Coming in as a teacher of a studio that has invited. */
export function Join() {
  return (
    <ChoosePassword
      title="You are invited to teach"
      label="Password"
      go="Come in"
      taking={useJoin()}
      before={
        <p>Choose a password of your own; you come in with it and the address that the letter went to.</p>
      }
    />
  );
}

import { COMMAND_LINE, standAs } from '../../server/people/actor';

// A test asks as a command of this machine does, where it does not say as whom.
standAs(COMMAND_LINE);

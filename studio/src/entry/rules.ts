/** The least a new password has, as the server asks. */
export const leastPassword = 10;

export const emailRule = {
  required: 'Enter your e-mail address',
  pattern: { value: /^\S+@\S+\.\S+$/, message: 'Check the address: it should look like name@place.example' },
};
export const nameRule = {
  required: 'Enter your name',
  maxLength: { value: 120, message: 'At most 120 characters' },
};
export const newPasswordRule = {
  required: 'Choose a password',
  minLength: { value: leastPassword, message: `At least ${leastPassword} characters` },
};

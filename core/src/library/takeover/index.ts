export { takeForms, type TakenForm } from './take-forms.js';
export { widgetOfForm } from './widget-of-form.js';

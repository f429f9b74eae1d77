import { getMetadataStorage } from 'class-validator';

type Lookup = ReturnType<typeof getMetadataStorage>['getTargetValidationMetadatas'];

type Rest<All extends unknown[]> = All extends [unknown, ...infer Others] ? Others : never;

const storage = getMetadataStorage();
const lookUp: Lookup = storage.getTargetValidationMetadatas.bind(storage);
const known = new WeakMap<object, Map<string, ReturnType<Lookup>>>();

/*
 * Imported for what it does: the rules of a class are looked up once. class-validator goes through all classes of the server for those
 * that a class may inherit, each time that something is checked (a fifteenth of a submission's time). A class has all of its
 * rules once it is there.
 */
storage.getTargetValidationMetadatas = (target, ...how: Rest<Parameters<Lookup>>) => {
  let ofTarget = known.get(target);
  if (!ofTarget) known.set(target, (ofTarget = new Map()));
  const key = JSON.stringify(how);
  let rules = ofTarget.get(key);
  if (!rules) ofTarget.set(key, (rules = lookUp(target, ...how)));
  return rules;
};

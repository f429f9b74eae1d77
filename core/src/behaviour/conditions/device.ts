import { Type } from '@sinclair/typebox';
import { oneOf } from '../../base/schema/index.js';
import { listed } from '../../base/measure/listed.js';
import { screens } from '../axis.js';
import type { ConditionKind } from '../condition.js';
import type { PageVisit } from '../page.js';
import { defineRule, ruleSchema } from '../rule-spec.js';

const devices = ['phone', 'tablet', 'desktop'] as const;
type Device = (typeof devices)[number];

export interface DeviceCondition {
  type: 'device';
  devices: Device[];
}

/** From this width on, px, what is touched is a tablet. */
const tabletFrom = 600;

/** A device by what points at it and by its width: browsers say of themselves what they like. */
const deviceOf = ({ touch, width }: Pick<PageVisit, 'touch' | 'width'>): Device =>
  touch ? (width < tabletFrom ? 'phone' : 'tablet') : 'desktop';

/** The visitor uses one of these devices. */
export const device: ConditionKind<DeviceCondition> = {
  compile: (condition) => (visit) => condition.devices.includes(deviceOf(visit)),
};

const names: Readonly<Record<Device, string>> = { phone: 'Phone', tablet: 'Tablet', desktop: 'Desktop' };

export const deviceSpec = defineRule({
  type: 'device',
  label: 'Device',
  settled: true,
  schema: () =>
    ruleSchema('device', {
      devices: Type.Array(oneOf(devices), { minItems: 1, maxItems: 3, uniqueItems: true }),
    }),
  create: () => ({ type: 'device', devices: ['phone'] }),
  phrase: (condition: DeviceCondition) => `on a ${listed(condition.devices, 'or')}`,
  found: (visit: PageVisit) => `a ${deviceOf(visit)}`,
  axis: () => screens([tabletFrom - 1, tabletFrom, 1280]),
  fields: [{ key: 'devices', label: 'Devices', several: names }],
});

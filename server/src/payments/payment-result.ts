import { Type, type Static } from '@sinclair/typebox';
import { Value } from '@sinclair/typebox/value';

const schema = Type.Object({
  type: Type.Union([
    Type.Literal('payment.paid'),
    Type.Literal('payment.failed'),
    Type.Literal('payment.left'),
    Type.Literal('payment.refunded'),
  ]),
  data: Type.Object({
    session: Type.String({ minLength: 1, maxLength: 200 }),
    reference: Type.String({ minLength: 1, maxLength: 100 }),
    amount: Type.Integer({ minimum: 0, maximum: Number.MAX_SAFE_INTEGER }),
    currency: Type.String({ pattern: '^[A-Z]{3}$' }),
  }),
});

/** What a payment service tells of a session. */
export type PaymentResult = Static<typeof schema>['data'] & Pick<Static<typeof schema>, 'type'>;

/** Reads what a payment service sent; in words what is wrong with it. A service may say more than is read. */
export function resultOf(body: string): PaymentResult | string {
  let told: unknown;
  try {
    told = JSON.parse(body);
  } catch {
    return 'The body is not JSON.';
  }
  if (Value.Check(schema, told)) return { type: told.type, ...told.data };
  const first = Value.Errors(schema, told).First();
  return `${first?.path.slice(1).replaceAll('/', '.') || 'The body'}: ${first?.message ?? 'is not known'}`;
}

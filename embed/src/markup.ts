interface Policy {
  createHTML(text: string): string;
}

let policy: Policy | undefined;

// Pages may let HTML be written only through a policy they know by its name (Trusted Types); ours is "sirene".
function policyOf(view: Window | null): Policy {
  const types = (view as { trustedTypes?: { createPolicy(name: string, rules: Policy): Policy } } | null)
    ?.trustedTypes;
  const plain: Policy = { createHTML: (text) => text };
  try {
    return (policy ??= types?.createPolicy('sirene', plain) ?? plain);
  } catch {
    // Not allowed by the page: where it insists, writing fails and says so.
    return plain;
  }
}

/** Writes compiled HTML into an element, whatever kind of page it stands in. */
export function writeHtml(element: Element, html: string): void {
  const page = element.ownerDocument;
  const trusted = policyOf(page.defaultView).createHTML(html);
  if (page.contentType === 'text/html') {
    element.innerHTML = trusted;
    return;
  }
  // A page served as XML would read it as XML, and it is none: another document of our own reads it.
  const reader = page.implementation.createHTMLDocument('').body;
  reader.innerHTML = trusted;
  element.replaceChildren(...reader.childNodes);
}

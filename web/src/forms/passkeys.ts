/** Whether this browser keeps passkeys, and for the address that Frenum is open under: they are kept for names, not numbers. */
export const keepsPasskeys = () =>
  'PublicKeyCredential' in window && typeof PublicKeyCredential.parseRequestOptionsFromJSON === 'function';

export const isOpenByName = () => !/^[\d.]+$|^\[/.test(window.location.hostname);

/** What was asked for, as JSON, answered by the device; null where whoever holds it did not want to. */
export async function usePasskeyFor(options: string): Promise<string | null> {
  const publicKey = PublicKeyCredential.parseRequestOptionsFromJSON(
    JSON.parse(options) as PublicKeyCredentialRequestOptionsJSON,
  );
  return answered(() => navigator.credentials.get({ publicKey }));
}

/** The same of a new key. */
export async function makePasskeyFor(options: string): Promise<string | null> {
  const publicKey = PublicKeyCredential.parseCreationOptionsFromJSON(
    JSON.parse(options) as PublicKeyCredentialCreationOptionsJSON,
  );
  return answered(() => navigator.credentials.create({ publicKey }));
}

async function answered(by: () => Promise<Credential | null>): Promise<string | null> {
  try {
    const credential = await by();
    return credential instanceof PublicKeyCredential ? JSON.stringify(credential.toJSON()) : null;
  } catch (e) {
    // Turned away, or waited too long: nothing went wrong, and nothing was done.
    if (e instanceof DOMException && (e.name === 'NotAllowedError' || e.name === 'AbortError')) return null;
    throw e;
  }
}

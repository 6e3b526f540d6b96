/**
 * Ed25519 signatures over JSON: canonical text (RFC 8785), detached JWS (RFC 7515, appendix F) and keys as JWK (RFC 7517, 8037).
 * Start at {@link app.frenum.formats.signature.SigningKey}.
 */
package app.frenum.formats.signature;

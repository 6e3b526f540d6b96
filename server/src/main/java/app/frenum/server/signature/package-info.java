/** The key by which this Frenum signs. Start at {@link app.frenum.server.signature.InstanceKeys}. */
package app.frenum.server.signature;

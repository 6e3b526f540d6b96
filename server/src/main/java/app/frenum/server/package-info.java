/**
 * The application: one package per feature, each with its controller, service, repository and entities together.
 * Features meet through services, not tables. What all entities share is {@link app.frenum.server.Row}.
 */
package app.frenum.server;

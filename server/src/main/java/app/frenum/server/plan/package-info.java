/**
 * Tests and their series: what is asked, and under what conditions it is driven. Start at {@link app.frenum.server.plan.TestService}.
 */
package app.frenum.server.plan;

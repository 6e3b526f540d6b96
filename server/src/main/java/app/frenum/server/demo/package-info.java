/**
 * Fills an empty database with a finished, made-up test. Start at {@link app.frenum.server.demo.DemoLoader}.
 */
package app.frenum.server.demo;

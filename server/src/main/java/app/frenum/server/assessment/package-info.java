/** A test phase by phase: what was driven of each, and how it stands to the limits that somebody entered. */
package app.frenum.server.assessment;

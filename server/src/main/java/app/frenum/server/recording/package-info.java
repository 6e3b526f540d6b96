/**
 * Recorded samples: stored in blocks, opened as logs, drawn in windows. Start at {@link app.frenum.server.recording.RecordingService}.
 */
package app.frenum.server.recording;

/** What people put beside the figures. Start at {@link app.frenum.server.remark.RemarkService}. */
package app.frenum.server.remark;

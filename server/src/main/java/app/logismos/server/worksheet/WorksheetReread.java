package app.logismos.server.worksheet;

/** A worksheet has other values at the same revision. */
record WorksheetReread(String id, long revision) {}

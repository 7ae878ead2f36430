package app.logismos.server.worksheet;

/** A worksheet has been changed and the change is kept. */
record WorksheetChanged(String id, long revision) {}

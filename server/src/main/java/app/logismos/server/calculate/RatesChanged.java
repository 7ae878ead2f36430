package app.logismos.server.calculate;

/** Currencies are exchanged at other rates from now on. */
public record RatesChanged() {}

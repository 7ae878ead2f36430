/** Benchmarks of the core; {@code ./logismos bench} runs them and docs/benchmarks.md has the figures. */
package app.logismos.bench;

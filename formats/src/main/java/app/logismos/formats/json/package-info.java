/** The worksheet whole, as JSON with a published schema (ECMA-404; JSON Schema 2020-12). */
package app.logismos.formats.json;

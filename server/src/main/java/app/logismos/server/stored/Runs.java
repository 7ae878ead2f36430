package app.logismos.server.stored;

import app.logismos.formula.Address;
import app.logismos.sheet.Edit;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.annotation.JsonDeserialize;
import tools.jackson.databind.annotation.JsonSerialize;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.ser.std.StdSerializer;

/**
 * Entries as they are written: a list for each run of cells below each other, its first cell and then their texts, as
 * {@code ["B2", "3 kg", "4 kg"]}. A table of a million cells takes a third of what it would with each cell named.
 */
abstract class Runs {
    private Runs() {}

    @JsonSerialize(using = Writing.class)
    @JsonDeserialize(using = Reading.class)
    abstract List<Edit.Typed> cells();

    static final class Writing extends StdSerializer<List<Edit.Typed>> {
        Writing() {
            super(List.class);
        }

        @Override
        public void serialize(List<Edit.Typed> cells, JsonGenerator json, SerializationContext context) {
            json.writeStartArray();
            Address last = null;
            for (Edit.Typed typed : cells) {
                Address cell = typed.cell();
                boolean isBelow = last != null && cell.column() == last.column() && cell.row() == last.row() + 1;
                if (!isBelow) {
                    if (last != null) {
                        json.writeEndArray();
                    }
                    json.writeStartArray();
                    json.writeString(cell.toString());
                }
                json.writeString(typed.text());
                last = cell;
            }
            if (last != null) {
                json.writeEndArray();
            }
            json.writeEndArray();
        }
    }

    /** Reads cells that are named one by one, too, as format 2 has them. */
    static final class Reading extends StdDeserializer<List<Edit.Typed>> {
        Reading() {
            super(List.class);
        }

        @Override
        public List<Edit.Typed> deserialize(JsonParser json, DeserializationContext context) {
            List<Edit.Typed> cells = new ArrayList<>();
            while (json.nextToken() != JsonToken.END_ARRAY) {
                if (json.currentToken() == JsonToken.START_ARRAY) {
                    run(json, context, cells);
                } else {
                    cells.add(context.readValue(json, Edit.Typed.class));
                }
            }
            return cells;
        }

        private static void run(JsonParser json, DeserializationContext context, List<Edit.Typed> cells) {
            json.nextToken();
            Address first = context.readValue(json, Address.class);
            for (int row = first.row(); json.nextToken() != JsonToken.END_ARRAY; row++) {
                cells.add(new Edit.Typed(new Address(first.column(), row), json.getString()));
            }
        }
    }
}

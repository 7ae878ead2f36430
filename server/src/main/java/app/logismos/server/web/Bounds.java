package app.logismos.server.web;

import app.logismos.sheet.Between;
import java.lang.reflect.RecordComponent;
import java.util.List;
import java.util.stream.Stream;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.BeanDescription;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.DeserializationConfig;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.deser.ValueDeserializerModifier;
import tools.jackson.databind.deser.std.DelegatingDeserializer;

/** Numbers that are not {@link Between} what they may be are refused, with their place and what they may be. */
class Bounds extends ValueDeserializerModifier {
    private static final long serialVersionUID = 1L;

    /** A number that is out of its range. */
    static final class OutOfRange extends DatabindException {
        private static final long serialVersionUID = 1L;

        /** What goes on behind the name of the part. */
        final String says;

        private OutOfRange(JsonParser parser, Between range, JsonNode was) {
            super(parser, "out of range");
            says = "is " + range.least() + " to " + range.most() + ", was " + was + ".";
        }
    }

    /** The parts of a record that have a range. */
    static List<RecordComponent> ranged(Class<?> type) {
        return type.isRecord()
                ? Stream.of(type.getRecordComponents())
                        .filter(part -> part.isAnnotationPresent(Between.class))
                        .toList()
                : List.of();
    }

    @Override
    public ValueDeserializer<?> modifyDeserializer(
            DeserializationConfig config, BeanDescription.Supplier described, ValueDeserializer<?> deserializer) {
        List<RecordComponent> parts = ranged(described.getBeanClass());
        return parts.isEmpty() ? deserializer : new Checking(deserializer, parts);
    }

    /** Looks at an object before it becomes a record. */
    private static final class Checking extends DelegatingDeserializer {
        private final transient List<RecordComponent> parts;

        Checking(ValueDeserializer<?> reading, List<RecordComponent> parts) {
            super(reading);
            this.parts = parts;
        }

        @Override
        protected ValueDeserializer<?> newDelegatingInstance(ValueDeserializer<?> reading) {
            return new Checking(reading, parts);
        }

        @Override
        public Object deserialize(JsonParser parser, DeserializationContext context) {
            JsonNode read = context.readTree(parser);
            for (RecordComponent part : parts) {
                JsonNode number = read.path(part.getName());
                Between range = part.getAnnotation(Between.class);
                if (number.isNumber() && !isIn(range, number.asDouble())) {
                    OutOfRange refused = new OutOfRange(parser, range, number);
                    refused.prependPath(part.getDeclaringRecord(), part.getName());
                    throw refused;
                }
            }
            try (JsonParser tokens = context.treeAsTokens(read)) {
                tokens.nextToken();
                return super.deserialize(tokens, context);
            }
        }

        private static boolean isIn(Between range, double number) {
            return number >= range.least() && number <= range.most();
        }
    }
}

package app.logismos.server.web;

import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.std.StdScalarDeserializer;

/** Reads a text, but not one with half a character: that can be neither kept nor written. */
class WholeText extends StdScalarDeserializer<String> {
    WholeText() {
        super(String.class);
    }

    @Override
    public String deserialize(JsonParser parser, DeserializationContext context) {
        String text = parser.getValueAsString();
        if (text == null) {
            return (String) context.handleUnexpectedToken(String.class, parser);
        }
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            boolean isPair = Character.isHighSurrogate(c)
                    && i + 1 < text.length()
                    && Character.isLowSurrogate(text.charAt(i + 1));
            if (Character.isSurrogate(c) && !isPair) {
                throw context.weirdStringException(text, String.class, "it has half a character");
            }
            i += isPair ? 1 : 0;
        }
        return text;
    }
}

package app.logismos.formats.json;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.Optional;
import java.util.function.Function;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.ToStringSerializer;

/** How the core's values are kept as JSON, in documents and in the database. What has no value is not written. */
public final class CoreValues {
    private CoreValues() {}

    /** What a mapper needs to know of them. */
    public static JsonMapper.Builder in(JsonMapper.Builder builder) {
        KindNames.MIXINS.forEach(builder::addMixIn);
        return builder.addModule(new SimpleModule()
                        .addSerializer(Address.class, ToStringSerializer.instance)
                        .addSerializer(Area.class, ToStringSerializer.instance)
                        .addDeserializer(Address.class, new FromText<>(Address.class, Address::parse))
                        .addDeserializer(Area.class, new FromText<>(Area.class, Area::parse)))
                .changeDefaultPropertyInclusion(each -> each.withValueInclusion(JsonInclude.Include.NON_ABSENT))
                .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES);
    }

    /** Reads a value from its text. */
    private static final class FromText<T> extends StdDeserializer<T> {
        private final transient Function<String, Optional<T>> parse;

        FromText(Class<T> type, Function<String, Optional<T>> parse) {
            super(type);
            this.parse = parse;
        }

        @Override
        public T deserialize(JsonParser parser, DeserializationContext context) {
            String text = parser.getString();
            return parse.apply(text)
                    .orElseThrow(() -> context.weirdStringException(text, handledType(), "it is no address"));
        }
    }
}

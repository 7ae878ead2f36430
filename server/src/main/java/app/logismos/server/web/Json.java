package app.logismos.server.web;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.ToStringSerializer;

/** How the core's values are written as JSON; the core itself knows nothing of it. */
@Configuration
class Json {
    /** Neither a list nor what it holds is ever missing; what came later is made empty elsewhere. */
    private static final JsonSetter.Value NO_NULLS = JsonSetter.Value.forContentNulls(Nulls.FAIL);

    @Bean
    JsonMapperBuilderCustomizer coreValues() {
        return builder -> kinds(builder)
                .addModule(new SimpleModule()
                        .setDeserializerModifier(new UsualParts())
                        .addDeserializer(String.class, new WholeText())
                        .addSerializer(Address.class, ToStringSerializer.instance)
                        .addSerializer(Area.class, ToStringSerializer.instance)
                        .addDeserializer(Address.class, new FromText<>(Address.class, Address::parse))
                        .addDeserializer(Area.class, new FromText<>(Area.class, Area::parse)))
                .addModule(new SimpleModule("bounds").setDeserializerModifier(new Bounds()))
                .withConfigOverride(List.class, lists -> lists.setNullHandling(NO_NULLS))
                .withConfigOverride(Set.class, sets -> sets.setNullHandling(NO_NULLS))
                .withConfigOverride(Map.class, maps -> maps.setNullHandling(NO_NULLS))
                .enable(DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES)
                .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES);
    }

    private static JsonMapper.Builder kinds(JsonMapper.Builder builder) {
        for (Kinds kinds : Kinds.ALL) {
            builder.addMixIn(kinds.sealed(), kinds.mixin()).registerSubtypes(kinds.named());
        }
        return builder;
    }

    /** Reads a value from its text; what the text is not, is told in a sentence. */
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
                    .orElseThrow(() ->
                            context.weirdStringException(text, handledType(), "it is not an address like B3 or B2:C9"));
        }
    }
}

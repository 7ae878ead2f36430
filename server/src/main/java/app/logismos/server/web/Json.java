package app.logismos.server.web;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.Optional;
import java.util.function.Function;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.ToStringSerializer;

/** How the core's values are written as JSON; the core itself knows nothing of it. */
@Configuration
class Json {
    @Bean
    JsonMapperBuilderCustomizer coreValues() {
        return builder -> builder.addMixIn(Edit.class, EditMixin.class)
                .addMixIn(Block.class, BlockMixin.class)
                .addModule(new SimpleModule()
                        .addSerializer(Address.class, ToStringSerializer.instance)
                        .addSerializer(Area.class, ToStringSerializer.instance)
                        .addDeserializer(Address.class, new FromText<>(Address.class, Address::parse))
                        .addDeserializer(Area.class, new FromText<>(Area.class, Area::parse)))
                .enable(DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES)
                .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES);
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "do")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Edit.Enter.class, name = "enter"),
        @JsonSubTypes.Type(value = Edit.Define.class, name = "define"),
        @JsonSubTypes.Type(value = Edit.Retitle.class, name = "retitle"),
        @JsonSubTypes.Type(value = Edit.AddSection.class, name = "addSection"),
        @JsonSubTypes.Type(value = Edit.RemoveSection.class, name = "removeSection"),
        @JsonSubTypes.Type(value = Edit.ChangeSection.class, name = "changeSection"),
        @JsonSubTypes.Type(value = Edit.AddBlock.class, name = "addBlock"),
        @JsonSubTypes.Type(value = Edit.RemoveBlock.class, name = "removeBlock"),
        @JsonSubTypes.Type(value = Edit.ChangeBlock.class, name = "changeBlock"),
        @JsonSubTypes.Type(value = Edit.InsertLines.class, name = "insertLines"),
        @JsonSubTypes.Type(value = Edit.DeleteLines.class, name = "deleteLines"),
        @JsonSubTypes.Type(value = Edit.MoveLines.class, name = "moveLines"),
        @JsonSubTypes.Type(value = Edit.MoveCells.class, name = "moveCells"),
        @JsonSubTypes.Type(value = Edit.CopyCells.class, name = "copyCells"),
        @JsonSubTypes.Type(value = Edit.Rename.class, name = "rename")
    })
    private interface EditMixin {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Block.Grid.class, name = "grid"),
        @JsonSubTypes.Type(value = Block.Chart.class, name = "chart"),
        @JsonSubTypes.Type(value = Block.Note.class, name = "note")
    })
    private interface BlockMixin {}

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

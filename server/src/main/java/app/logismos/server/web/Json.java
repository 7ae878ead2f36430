package app.logismos.server.web;

import app.logismos.act.Act;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.sheet.Block;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
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
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.ToStringSerializer;

/** How the core's values are written as JSON; the core itself knows nothing of it. */
@Configuration
class Json {
    /** Neither a list nor what it holds is ever missing; what came later is made empty elsewhere. */
    private static final JsonSetter.Value NO_NULLS = JsonSetter.Value.forContentNulls(Nulls.FAIL);

    @Bean
    JsonMapperBuilderCustomizer coreValues() {
        return builder -> builder.addMixIn(Edit.class, EditMixin.class)
                .addMixIn(Block.class, BlockMixin.class)
                .addMixIn(Act.class, ActMixin.class)
                .addMixIn(Block.Grid.class, Later.class)
                .addMixIn(Chart.Source.class, SourceMixin.class)
                .addMixIn(Chart.Mark.class, MarkMixin.class)
                .addMixIn(Block.Note.class, Later.class)
                .addMixIn(Section.class, Later.class)
                .addMixIn(Edit.ChangeSection.class, Later.class)
                .addModule(new SimpleModule()
                        .setDeserializerModifier(new UsualParts())
                        .addDeserializer(String.class, new WholeText())
                        .addSerializer(Address.class, ToStringSerializer.instance)
                        .addSerializer(Area.class, ToStringSerializer.instance)
                        .addDeserializer(Address.class, new FromText<>(Address.class, Address::parse))
                        .addDeserializer(Area.class, new FromText<>(Area.class, Area::parse)))
                .withConfigOverride(List.class, lists -> lists.setNullHandling(NO_NULLS))
                .withConfigOverride(Set.class, sets -> sets.setNullHandling(NO_NULLS))
                .withConfigOverride(Map.class, maps -> maps.setNullHandling(NO_NULLS))
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
        @JsonSubTypes.Type(value = Edit.Rename.class, name = "rename"),
        @JsonSubTypes.Type(value = Edit.MoveSection.class, name = "moveSection"),
        @JsonSubTypes.Type(value = Edit.MoveBlock.class, name = "moveBlock"),
        @JsonSubTypes.Type(value = Edit.OrderRows.class, name = "orderRows"),
        @JsonSubTypes.Type(value = Edit.ChangeSettings.class, name = "changeSettings")
    })
    private interface EditMixin {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Block.Grid.class, name = "grid"),
        @JsonSubTypes.Type(value = Chart.class, name = "chart"),
        @JsonSubTypes.Type(value = Block.Note.class, name = "note")
    })
    private interface BlockMixin {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "do")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Act.Continue.class, name = "continue"),
        @JsonSubTypes.Type(value = Act.GoOn.class, name = "goOn"),
        @JsonSubTypes.Type(value = Act.Clear.class, name = "clear"),
        @JsonSubTypes.Type(value = Act.Series.class, name = "series"),
        @JsonSubTypes.Type(value = Act.FillTable.class, name = "fillTable"),
        @JsonSubTypes.Type(value = Act.Sort.class, name = "sort"),
        @JsonSubTypes.Type(value = Act.Replace.class, name = "replace"),
        @JsonSubTypes.Type(value = Act.NameByLabels.class, name = "nameByLabels"),
        @JsonSubTypes.Type(value = Act.Tabulate.class, name = "tabulate"),
        @JsonSubTypes.Type(value = Act.TabulateAnew.class, name = "tabulateAnew"),
        @JsonSubTypes.Type(value = Act.PutFit.class, name = "putFit")
    })
    private interface ActMixin {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "of")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Chart.Cells.class, name = "cells"),
        @JsonSubTypes.Type(value = Chart.Curve.class, name = "curve"),
        @JsonSubTypes.Type(value = Chart.Path.class, name = "path"),
        @JsonSubTypes.Type(value = Chart.Deleted.class, name = "deleted")
    })
    private interface SourceMixin {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Chart.Label.class, name = "label"),
        @JsonSubTypes.Type(value = Chart.Arrow.class, name = "arrow"),
        @JsonSubTypes.Type(value = Chart.Formula.class, name = "formula"),
        @JsonSubTypes.Type(value = Chart.Tangent.class, name = "tangent")
    })
    private interface MarkMixin {}

    /** Parts that came later: worksheets kept before are read without them. */
    private interface Later {
        @JsonSetter(nulls = Nulls.AS_EMPTY)
        Map<String, String> remarks();

        @JsonSetter(nulls = Nulls.AS_EMPTY)
        Set<Integer> hiddenRows();

        @JsonSetter(nulls = Nulls.AS_EMPTY)
        Set<Integer> hiddenColumns();

        @JsonSetter(nulls = Nulls.AS_EMPTY)
        boolean beside();

        @JsonSetter(nulls = Nulls.AS_EMPTY)
        boolean isPart();
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

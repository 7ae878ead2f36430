package app.logismos.formats.json;

import app.logismos.sheet.Block;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import tools.jackson.databind.DatabindContext;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.annotation.JsonTypeIdResolver;
import tools.jackson.databind.jsontype.impl.TypeIdResolverBase;

/**
 * What the kinds of edits, blocks, sources and marks are called in documents and in the database: as their types are, in
 * lower case where they begin. A type that gets another name keeps its old one here.
 */
public final class KindNames extends TypeIdResolverBase {
    /** The types that are one of several kinds, each with how it is told which. */
    public static final Map<Class<?>, Class<?>> MIXINS = Map.of(
            Edit.class,
            ByDo.class,
            Block.class,
            ByKind.class,
            Chart.Source.class,
            ByOf.class,
            Chart.Mark.class,
            ByKind.class);

    private JavaType sealed;

    @Override
    public void init(JavaType base) {
        sealed = base;
    }

    @Override
    public String idFromValue(DatabindContext context, Object value) {
        return name(value.getClass());
    }

    @Override
    public String idFromValueAndType(DatabindContext context, Object value, Class<?> suggested) {
        return name(suggested);
    }

    @Override
    public JavaType typeFromId(DatabindContext context, String id) {
        Optional<Class<?>> type = MIXINS.keySet().stream()
                .filter(each -> each.isAssignableFrom(sealed.getRawClass()))
                .flatMap(KindNames::kinds)
                .filter(each -> name(each).equals(id))
                .findFirst();
        return type.<JavaType>map(each -> context.constructSpecializedType(sealed, each))
                .orElse(null);
    }

    @Override
    public JsonTypeInfo.Id getMechanism() {
        return JsonTypeInfo.Id.CUSTOM;
    }

    /** All records that a sealed type may be. */
    public static Stream<Class<?>> kinds(Class<?> sealed) {
        return sealed.isSealed()
                ? Stream.of(sealed.getPermittedSubclasses()).flatMap(KindNames::kinds)
                : Stream.of(sealed);
    }

    /** The name of a kind. */
    public static String name(Class<?> type) {
        return type.getSimpleName().substring(0, 1).toLowerCase(Locale.ROOT)
                + type.getSimpleName().substring(1);
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.CUSTOM, property = "do")
    @JsonTypeIdResolver(KindNames.class)
    private interface ByDo {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.CUSTOM, property = "kind")
    @JsonTypeIdResolver(KindNames.class)
    private interface ByKind {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.CUSTOM, property = "of")
    @JsonTypeIdResolver(KindNames.class)
    private interface ByOf {}
}

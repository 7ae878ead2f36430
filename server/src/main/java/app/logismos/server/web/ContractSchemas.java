package app.logismos.server.web;

import static java.util.Map.entry;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.sheet.Between;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.media.Discriminator;
import io.swagger.v3.oas.models.media.JsonSchema;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.lang.reflect.WildcardType;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Iterator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.NullNode;

/**
 * The schemas of what goes over the wire (OpenAPI 3.1, JSON Schema 2020-12), from the records that it is read into and
 * written from: the same names, what may be null, what must be said, and what tells kinds apart.
 */
@Component
class ContractSchemas implements ModelConverter {
    private static final String ADDRESS = "[A-Z]+[1-9][0-9]*";

    /** Types that JSON has, with their formats. */
    private static final Map<Class<?>, String> PLAIN = Map.ofEntries(
            entry(String.class, "string"),
            entry(boolean.class, "boolean"),
            entry(Boolean.class, "boolean"),
            entry(int.class, "integer int32"),
            entry(Integer.class, "integer int32"),
            entry(long.class, "integer int64"),
            entry(Long.class, "integer int64"),
            entry(double.class, "number double"),
            entry(Double.class, "number double"),
            entry(Instant.class, "string date-time"));

    private static final String NULL = "null";

    private final Map<String, Class<?>> named = new ConcurrentHashMap<>();

    @Override
    public @Nullable Schema<?> resolve(
            AnnotatedType asked, ModelConverterContext context, Iterator<ModelConverter> others) {
        Type type = asked.getType() instanceof JavaType known ? known.getRawClass() : asked.getType();
        if (raw(type) == SseEmitter.class) {
            return plain("string", false);
        }
        boolean isOurs = raw(type).getName().startsWith("app.logismos") || type instanceof ParameterizedType;
        return isOurs ? new Describing(context).of(type, false) : others.next().resolve(asked, context, others);
    }

    private static Class<?> raw(Type type) {
        return type instanceof ParameterizedType generic
                ? (Class<?>) generic.getRawType()
                : type instanceof WildcardType any ? raw(any.getUpperBounds()[0]) : (Class<?>) type;
    }

    /** Describes types one after another, each record once. */
    private final class Describing {
        private final ModelConverterContext context;

        Describing(ModelConverterContext context) {
            this.context = context;
        }

        private Schema<?> of(Type type, boolean orNull) {
            Class<?> raw = raw(type);
            Type[] of = type instanceof ParameterizedType generic ? generic.getActualTypeArguments() : new Type[0];
            if (raw == Optional.class) {
                return of(of[0], true);
            }
            if (Collection.class.isAssignableFrom(raw)) {
                return plain("array", orNull).items(of(of[0], false));
            }
            if (Map.class.isAssignableFrom(raw)) {
                return plain("object", orNull).additionalProperties(of(of[1], false));
            }
            if (raw.isEnum()) {
                return oneOfTheNames(raw, orNull);
            }
            if (raw == Address.class) {
                return plain("string", orNull).pattern("^" + ADDRESS + "$");
            }
            if (raw == Area.class) {
                return plain("string", orNull).pattern("^" + ADDRESS + "(:" + ADDRESS + ")?$");
            }
            String name = PLAIN.get(raw);
            if (name != null) {
                String[] typeAndFormat = name.split(" ");
                Schema<?> plain = plain(typeAndFormat[0], orNull);
                return typeAndFormat.length > 1 ? plain.format(typeAndFormat[1]) : plain;
            }
            return reference(raw, orNull);
        }

        private Schema<?> oneOfTheNames(Class<?> type, boolean orNull) {
            Schema<Object> one = plain("string", orNull);
            one.setEnum(Stream.concat(
                            Arrays.stream(type.getEnumConstants()).<Object>map(each -> ((Enum<?>) each).name()),
                            orNull ? Stream.of((Object) null) : Stream.empty())
                    .toList());
            return one;
        }

        private Schema<?> reference(Class<?> type, boolean orNull) {
            String name = name(type);
            if (!context.getDefinedModels().containsKey(name)) {
                context.defineModel(name, new JsonSchema()); // it may hold itself
                context.defineModel(name, described(type));
            }
            Schema<?> reference = new JsonSchema().$ref("#/components/schemas/" + name);
            return orNull ? new JsonSchema().anyOf(List.of(reference, new JsonSchema().typesItem(NULL))) : reference;
        }

        private Schema<?> described(Class<?> type) {
            return Kinds.ALL.stream()
                    .filter(kinds -> kinds.sealed() == type)
                    .findFirst()
                    .<Schema<?>>map(this::oneOf)
                    .orElseGet(() -> object(type));
        }

        private Schema<?> oneOf(Kinds kinds) {
            Schema<?> one = new JsonSchema();
            Discriminator discriminator = new Discriminator().propertyName(kinds.property());
            new TreeMap<>(kinds.names()).forEach((name, type) -> {
                Schema<?> reference = reference(type, false);
                one.addOneOfItem(reference);
                discriminator.mapping(name, reference.get$ref());
            });
            describe(one, Javadocs.of(kinds.sealed()));
            return one.discriminator(discriminator);
        }

        private Schema<?> object(Class<?> type) {
            if (!type.isRecord()) {
                throw new IllegalStateException(type + " is no record, so that the contract cannot describe it");
            }
            Schema<?> object = plain("object", false);
            describe(object, Javadocs.of(type));
            Map<String, String> descriptions = Javadocs.parts(type);
            List<String> required = new ArrayList<>();
            Kinds.nameOf(type).ifPresent(kind -> {
                Schema<Object> property = plain("string", false);
                property.setConst(kind.getValue());
                object.addProperty(kind.getKey(), property);
                required.add(kind.getKey());
            });
            for (RecordComponent part : type.getRecordComponents()) {
                Optional<JsonNode> usual = part.getType() == Optional.class
                        ? Optional.of(NullNode.instance)
                        : UsualParts.usual(type, part.getName());
                boolean orNull = isNullable(part);
                Schema<?> property = Optional.ofNullable(part.getAnnotation(InLowerCase.class))
                        .<Schema<?>>map(names -> inLowerCase(names.value()))
                        .orElseGet(() -> of(part.getGenericType(), orNull));
                bound(property, part);
                usual.ifPresent(value -> property.setDefault(new JsonMapper().convertValue(value, Object.class)));
                describe(property, descriptions.getOrDefault(part.getName(), ""));
                object.addProperty(part.getName(), property);
                if (usual.isEmpty()) {
                    required.add(part.getName());
                }
            }
            object.setRequired(required);
            return object;
        }
    }

    /** Whole numbers are counts, places and revisions: none is below 0. */
    private static void bound(Schema<?> property, RecordComponent part) {
        Between range = part.getAnnotation(Between.class);
        if (range != null) {
            property.minimum(BigDecimal.valueOf(range.least())).maximum(BigDecimal.valueOf(range.most()));
        } else if (property.getTypes() != null && property.getTypes().contains("integer")) {
            property.minimum(BigDecimal.ZERO);
        }
    }

    private static Schema<?> inLowerCase(Class<? extends Enum<?>> names) {
        Schema<Object> one = plain("string", false);
        one.setEnum(Arrays.stream(names.getEnumConstants())
                .<Object>map(each -> each.name().toLowerCase(Locale.ROOT))
                .toList());
        return one;
    }

    private static Schema<Object> plain(String type, boolean orNull) {
        Schema<Object> plain = new JsonSchema();
        plain.setTypes(orNull ? new LinkedHashSet<>(List.of(type, NULL)) : Set.of(type));
        return plain;
    }

    private static void describe(Schema<?> schema, String description) {
        if (!description.isEmpty()) {
            schema.setDescription(description);
        }
    }

    private static boolean isNullable(RecordComponent part) {
        return part.getAnnotatedType().isAnnotationPresent(Nullable.class);
    }

    /** Names are those of the records, after what they belong to: two that are alike would describe one another. */
    private String name(Class<?> own) {
        Class<?> outer = own.getEnclosingClass();
        boolean isOfACall = outer == null || outer.getName().startsWith("app.logismos.server");
        String name =
                (isOfACall ? "" : outer.getSimpleName()) + own.getSimpleName().replaceFirst("Json$", "");
        Class<?> before = named.putIfAbsent(name, own);
        if (before != null && before != own) {
            throw new IllegalStateException(
                    before + " and " + own + " would both be called " + name + " in the contract");
        }
        return name;
    }
}

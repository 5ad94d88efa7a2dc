package roundpocket.app.web;

import com.fasterxml.jackson.annotation.JsonFormat;
import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonProperty;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.lang.reflect.Method;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import roundpocket.app.plans.CoreJson;
import roundpocket.app.plans.FigureView;
import roundpocket.core.explain.Named;
import roundpocket.core.explain.Step;

/** Describes the core's results as {@link CoreJson} writes them. */
@Component
class CoreDescription implements ModelConverter {
    /** What was described so far, by its name. */
    static final Map<String, Class<?>> TYPES = new LinkedHashMap<>();

    private static final String CORE = "roundpocket.core";
    private static final String REFERENCE = "#/components/schemas/";

    @Override
    public @Nullable Schema<?> resolve(
            AnnotatedType asked, ModelConverterContext context, Iterator<ModelConverter> chain) {
        Class<?> type = raw(asked.getType());
        if (Step.class.isAssignableFrom(type)) {
            context.resolve(new AnnotatedType(FigureView.class));
            return reference("FigureView");
        }
        if (type.getPackageName().startsWith(CORE) && (type.isRecord() || isObject(type))) {
            String name = nameOf(type);
            TYPES.put(name, type);
            if (!context.getDefinedModels().containsKey(name)) {
                context.defineModel(name, new ObjectSchema());
                context.defineModel(name, describe(type, context));
            }
            return reference(name);
        }
        return chain.hasNext() ? chain.next().resolve(asked, context, chain) : null;
    }

    private static Schema<?> describe(Class<?> type, ModelConverterContext context) {
        Schema<?> schema = new ObjectSchema();
        properties(type).forEach((name, of) -> schema.addProperty(name, property(type, name, of, context)));
        schema.setRequired(properties(type).entrySet().stream()
                .filter(property -> !isOptional(raw(property.getValue())))
                .map(Map.Entry::getKey)
                .toList());
        return schema;
    }

    /** What is written of a type, by name. */
    private static Map<String, Type> properties(Class<?> type) {
        Map<String, Type> properties = new LinkedHashMap<>();
        Class<?> otherwise = CoreJson.OTHERWISE.getOrDefault(type, Object.class);
        JsonIgnoreProperties left = otherwise.getAnnotation(JsonIgnoreProperties.class);
        List<String> out = left == null ? List.of() : List.of(left.value());
        if (type.isRecord()) {
            for (RecordComponent component : type.getRecordComponents()) {
                if (!out.contains(component.getName())) {
                    properties.put(component.getName(), component.getGenericType());
                }
            }
        }
        Arrays.stream(otherwise.getDeclaredMethods())
                .filter(method -> method.isAnnotationPresent(JsonProperty.class))
                .sorted(Comparator.comparing(Method::getName))
                .forEach(method -> properties.put(method.getName(), method.getGenericReturnType()));
        return properties;
    }

    private static Schema<?> property(Class<?> owner, String name, Type type, ModelConverterContext context) {
        Class<?> raw = raw(type);
        if (raw == Optional.class) {
            return property(owner, name, argument(type), context);
        }
        if (raw == OptionalInt.class) {
            return context.resolve(new AnnotatedType(int.class));
        }
        if (raw == OptionalDouble.class) {
            return context.resolve(new AnnotatedType(double.class));
        }
        if (List.class.isAssignableFrom(raw)) {
            return new ArraySchema().items(property(owner, name, argument(type), context));
        }
        if (Named.class.isAssignableFrom(raw) && !isBrief(owner, name)) {
            return named(raw);
        }
        if (raw.isEnum() && !isObject(raw)) {
            return identities(raw);
        }
        return context.resolve(new AnnotatedType(type).resolveAsRef(true));
    }

    private static Schema<?> named(Class<?> type) {
        Schema<?> schema = new ObjectSchema();
        schema.addProperty("id", identities(type));
        schema.addProperty("title", new StringSchema());
        schema.addProperty("description", new StringSchema());
        schema.setRequired(List.of("id", "title"));
        return schema;
    }

    private static Schema<?> identities(Class<?> type) {
        StringSchema schema = new StringSchema();
        Arrays.stream(type.getEnumConstants()).forEach(one -> schema.addEnumItem(((Enum<?>) one).name()));
        return schema;
    }

    private static boolean isBrief(Class<?> owner, String name) {
        try {
            JsonFormat format = CoreJson.OTHERWISE
                    .getOrDefault(owner, Object.class)
                    .getDeclaredMethod(name)
                    .getAnnotation(JsonFormat.class);
            return format != null && format.shape() == JsonFormat.Shape.STRING;
        } catch (NoSuchMethodException asItIs) {
            return false;
        }
    }

    private static boolean isObject(Class<?> type) {
        JsonFormat format = CoreJson.OTHERWISE.getOrDefault(type, Object.class).getAnnotation(JsonFormat.class);
        return type.isEnum() && format != null;
    }

    private static boolean isOptional(Class<?> type) {
        return type == Optional.class || type == OptionalInt.class || type == OptionalDouble.class;
    }

    private static Schema<?> reference(String name) {
        return new Schema<>().$ref(REFERENCE + name);
    }

    /** A part of a record is named after both. */
    private static String nameOf(Class<?> type) {
        Class<?> within = type.getDeclaringClass();
        return within == null ? type.getSimpleName() : within.getSimpleName() + type.getSimpleName();
    }

    private static Class<?> raw(Type type) {
        if (type instanceof com.fasterxml.jackson.databind.JavaType known) {
            return known.getRawClass();
        }
        return type instanceof ParameterizedType generic ? (Class<?>) generic.getRawType() : (Class<?>) type;
    }

    private static Type argument(Type type) {
        return ((ParameterizedType) type).getActualTypeArguments()[0];
    }
}

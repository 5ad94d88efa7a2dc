package roundpocket.app.store;

import com.fasterxml.jackson.annotation.JsonInclude;
import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import org.hibernate.annotations.Immutable;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * How what a row holds is stored: as it is written over HTTP, in one column. What is added to it later needs no column, and
 * no step of the schema.
 *
 * @param <T> what the row holds; a record, which never changes
 */
@Converter
@Immutable
public abstract class Document<T> implements AttributeConverter<T, String> {
    /** How many characters the column takes. */
    public static final int MOST_CHARACTERS = 1_000_000;

    /** Of its own: what is stored does not change with what is shown. A field that this program does not know is no document of its. */
    private static final JsonMapper MAPPER = JsonMapper.builder()
            .changeDefaultPropertyInclusion(usual -> usual.withValueInclusion(JsonInclude.Include.NON_ABSENT))
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    private final Class<T> type;

    protected Document(Class<T> type) {
        this.type = type;
    }

    /** What a document holds; throws where it holds nothing of the kind. */
    public static <T> T read(String stored, Class<T> type) {
        return MAPPER.readValue(stored, type);
    }

    @Override
    public @Nullable String convertToDatabaseColumn(@Nullable T held) {
        return held == null ? null : MAPPER.writeValueAsString(held);
    }

    @Override
    public @Nullable T convertToEntityAttribute(@Nullable String stored) {
        return stored == null ? null : read(stored, type);
    }
}

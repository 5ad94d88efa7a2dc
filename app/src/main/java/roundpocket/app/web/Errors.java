package roundpocket.app.web;

import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.catalina.connector.ClientAbortException;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import roundpocket.app.home.Revival;
import roundpocket.app.home.StoreBusyException;
import roundpocket.app.home.StoreTrouble;
import roundpocket.app.store.NotStoredException;
import roundpocket.app.store.StaleException;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.measure.Sentence;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Turns what went wrong into problem details (RFC 9457). */
@RestControllerAdvice
class Errors extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(Errors.class);

    private final Differences differences;
    private final Revival revival;

    Errors(Differences differences, Revival revival) {
        this.differences = differences;
        this.revival = revival;
    }

    /**
     * One value that was refused: where, and in words.
     *
     * @param message the words for whoever does not put in the amounts, in centimetres and grams
     * @param said the words for the reader’s own units
     */
    private record FieldError(String field, String code, String message, Sentence said) {
        static FieldError of(Problem problem) {
            return new FieldError(problem.field(), problem.code(), problem.message(LengthUnit.CM), problem.said());
        }
    }

    @ExceptionHandler
    ProblemDetail refused(Refusal refusal) {
        ProblemDetail detail =
                detail(HttpStatus.UNPROCESSABLE_CONTENT, "refused", "This cannot be used", refusal.getMessage());
        detail.setProperty(
                "errors", refusal.problems().stream().map(FieldError::of).toList());
        return detail;
    }

    @ExceptionHandler
    ProblemDetail gone(NotStoredException gone) {
        return detail(HttpStatus.NOT_FOUND, "not-kept", "Not found", gone.getMessage());
    }

    @ExceptionHandler
    ProblemDetail stale(StaleException stale) {
        ProblemDetail detail = detail(HttpStatus.CONFLICT, "stale", "Changed elsewhere meanwhile", stale.getMessage());
        detail.setProperty("current", stale.current());
        detail.setProperty("differs", differences.between(stale.wanted(), stale.current()));
        return detail;
    }

    @ExceptionHandler
    ProblemDetail overtaken(OptimisticLockingFailureException overtaken) {
        return detail(
                HttpStatus.CONFLICT,
                "stale",
                "Changed elsewhere meanwhile",
                "This was changed elsewhere in the same moment. Nothing was overwritten: open it again.");
    }

    @ExceptionHandler
    ProblemDetail wrongKind(MethodArgumentTypeMismatchException wrong) {
        return detail(HttpStatus.BAD_REQUEST, "parameter", "Not understood", "“" + wrong.getName() + "” isn’t valid.");
    }

    /** A query, or a form, that cannot be taken apart. */
    @ExceptionHandler
    ProblemDetail unreadableQuery(InvalidParameterException unreadable) {
        return detail(
                HttpStatus.BAD_REQUEST,
                "parameter",
                "Not understood",
                "The address has a sign in it that can’t be read.");
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> cutOff(Bodies.RefusedException refused) {
        return ResponseEntity.status(refused.status()).body(refused(refused));
    }

    private static ProblemDetail refused(Bodies.RefusedException refused) {
        return detail(refused.status(), refused.code(), "Not taken in", String.valueOf(refused.getMessage()));
    }

    /** Two at the same thing, on a machine that has much else to do. */
    @ExceptionHandler({PessimisticLockingFailureException.class, StoreBusyException.class})
    ProblemDetail waitedTooLong(RuntimeException waited) {
        LOG.debug("Waited too long", waited);
        return detail(
                HttpStatus.SERVICE_UNAVAILABLE,
                "busy",
                "Busy",
                "Round Pocket is busy just now. Nothing was saved of this. Try again in a moment.");
    }

    /** The page was closed before the answer was there: nobody is left to tell. */
    @ExceptionHandler
    void leftMeanwhile(ClientAbortException left) {
        LOG.debug("The page was left", left);
    }

    @ExceptionHandler
    ProblemDetail unexpected(Exception unexpected) {
        Optional<StoreTrouble> trouble = StoreTrouble.of(unexpected);
        if (trouble.isPresent()) {
            LOG.warn(trouble.get().text());
            revival.ask();
            return detail(
                    trouble.get().status(),
                    trouble.get().code(),
                    "Not saved",
                    trouble.get().text());
        }
        LOG.error("Unexpected", unexpected);
        return detail(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "unexpected",
                "Something went wrong here",
                "Something went wrong in Round Pocket, not in what you did. What was stored before is safe. Try again.");
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException unreadable,
            HttpHeaders headers,
            HttpStatusCode status,
            WebRequest request) {
        for (Throwable cause = unreadable; cause != null; cause = cause.getCause()) {
            if (cause instanceof Bodies.RefusedException refused) {
                return ResponseEntity.status(refused.status()).body(refused(refused));
            }
        }
        String field = "";
        String message = "This is not JSON that Round Pocket can read.";
        if (unreadable.getCause() instanceof JacksonException json) {
            field = path(json);
            message = words(json, field);
        }
        ProblemDetail detail = detail(HttpStatus.BAD_REQUEST, "unreadable", "Not understood", message);
        detail.setProperty("errors", List.of(new FieldError(field, "unreadable", message, Sentence.of(message))));
        return ResponseEntity.badRequest().body(detail);
    }

    private static String path(JacksonException json) {
        return json.getPath().stream()
                .map(ref -> ref.getPropertyName() == null ? "[" + ref.getIndex() + "]" : "." + ref.getPropertyName())
                .collect(Collectors.joining())
                .replaceFirst("^\\.", "");
    }

    private static String words(JacksonException json, String field) {
        if (json instanceof UnrecognizedPropertyException unknown) {
            String known = unknown.getKnownPropertyIds() == null
                    ? ""
                    : " Known here: "
                            + unknown.getKnownPropertyIds().stream()
                                    .map(Object::toString)
                                    .sorted()
                                    .collect(Collectors.joining(", "))
                            + ".";
            return "“" + unknown.getPropertyName() + "” is not known here." + known;
        }
        if (json instanceof MismatchedInputException mismatch) {
            Class<?> wanted = mismatch.getTargetType();
            if (wanted != null && wanted.isEnum()) {
                return "“" + field + "” must be one of "
                        + Arrays.stream(wanted.getEnumConstants())
                                .map(Object::toString)
                                .collect(Collectors.joining(", "))
                        + ".";
            }
            return field.isEmpty()
                    ? "This is JSON, but not what Round Pocket expects here."
                    : "“" + field + "” needs " + kind(wanted) + "; it is missing or something else.";
        }
        int line = json.getLocation() == null ? 1 : json.getLocation().getLineNr();
        return "This is not JSON that Round Pocket can read: it breaks off or has a sign too many in line "
                + Math.max(1, line) + ".";
    }

    /** What a field takes, in words. */
    private static String kind(@Nullable Class<?> wanted) {
        if (wanted == null) {
            return "the form that is described";
        }
        if (wanted == boolean.class || wanted == Boolean.class) {
            return "true or false";
        }
        if (Set.of(int.class, long.class, Integer.class, Long.class).contains(wanted)) {
            return "a whole number";
        }
        if (wanted.isPrimitive() || Number.class.isAssignableFrom(wanted)) {
            return "a number";
        }
        if (wanted == String.class) {
            return "text";
        }
        return Collection.class.isAssignableFrom(wanted) ? "a list" : "the form that is described";
    }

    private static ProblemDetail detail(HttpStatus status, String code, String title, String text) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(status, text);
        detail.setTitle(title);
        detail.setProperties(new LinkedHashMap<>(Map.of("code", code)));
        return detail;
    }
}

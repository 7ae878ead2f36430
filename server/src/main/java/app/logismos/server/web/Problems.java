package app.logismos.server.web;

import app.logismos.server.datafolder.NotKept;
import app.logismos.sheet.EditRefused;
import java.util.stream.Collectors;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import tools.jackson.databind.DatabindException;

/** Turns what is wrong with a request into a problem detail (RFC 9457) with a sentence. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class Problems {
    @ExceptionHandler
    ProblemDetail refused(EditRefused refused) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_ENTITY, refused.getMessage());
    }

    @ExceptionHandler
    ProblemDetail notFound(NotFound missing) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.NOT_FOUND, missing.getMessage());
    }

    @ExceptionHandler
    ProblemDetail badRequest(BadRequest bad) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, bad.getMessage());
    }

    @ExceptionHandler
    ProblemDetail conflict(Conflict conflict) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, conflict.getMessage());
        problem.setProperty("revision", conflict.revision());
        problem.setProperty("cells", conflict.cells());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail notKept(NotKept full) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.INSUFFICIENT_STORAGE, full.getMessage());
    }

    @ExceptionHandler
    ProblemDetail unreadable(HttpMessageNotReadableException unreadable) {
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.BAD_REQUEST,
                place(unreadable)
                        + " The body of the request is not the JSON that this call takes; see /api/openapi.json.");
    }

    @ExceptionHandler
    ProblemDetail unlike(MethodArgumentTypeMismatchException unlike) {
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.BAD_REQUEST, "`" + unlike.getName() + "` cannot be `" + unlike.getValue() + "`.");
    }

    private static String place(HttpMessageNotReadableException unreadable) {
        if (!(unreadable.getCause() instanceof DatabindException mismatch)
                || mismatch.getPath().isEmpty()) {
            return "It cannot be read.";
        }
        String path = mismatch.getPath().stream()
                .map(step -> step.getPropertyName() == null ? String.valueOf(step.getIndex()) : step.getPropertyName())
                .collect(Collectors.joining("."));
        if (mismatch instanceof Bounds.OutOfRange range) {
            return "`" + path + "` " + range.says;
        }
        return "`" + path + "` is missing or is not what belongs there.";
    }
}

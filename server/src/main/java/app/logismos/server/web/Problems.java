package app.logismos.server.web;

import app.logismos.sheet.EditRefused;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/** Turns what is wrong with a request into a problem detail (RFC 9457) with a sentence. */
@RestControllerAdvice
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
    ProblemDetail unreadable(HttpMessageNotReadableException unreadable) {
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.BAD_REQUEST,
                "The body of the request is not the JSON that this call takes; see /api/openapi.json.");
    }

    @ExceptionHandler
    ProblemDetail invalid(MethodArgumentNotValidException invalid) {
        String fields = invalid.getBindingResult().getFieldErrors().stream()
                .map(error -> "`" + error.getField() + "` " + error.getDefaultMessage())
                .reduce((a, b) -> a + ", " + b)
                .orElse("it is not complete");
        return ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, "The request cannot be used: " + fields + ".");
    }
}

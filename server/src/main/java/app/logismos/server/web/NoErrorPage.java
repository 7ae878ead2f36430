package app.logismos.server.web;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What went wrong outside of any call, as a problem detail; asked for by itself, there is no such page. */
@RestController
class NoErrorPage implements ErrorController {
    @RequestMapping("/error")
    ProblemDetail error(HttpServletRequest request) {
        HttpStatusCode status = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE) instanceof Integer code
                ? HttpStatusCode.valueOf(code)
                : HttpStatus.NOT_FOUND;
        return ProblemDetail.forStatusAndDetail(
                status,
                status.is4xxClientError()
                        ? "There is nothing at this address, or it cannot be asked for in this way."
                        : "Something went wrong here, and nothing was changed. Try again in a moment.");
    }
}

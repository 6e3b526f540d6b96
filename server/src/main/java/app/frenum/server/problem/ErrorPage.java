package app.frenum.server.problem;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the container refuses before any controller sees it, in the same form as everything else. */
@RestController
class ErrorPage implements ErrorController {
    @Hidden
    @RequestMapping("/error")
    ResponseEntity<ProblemDetail> error(HttpServletRequest request) {
        Object told = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        HttpStatus status = told instanceof Integer code ? HttpStatus.resolve(code) : null;
        HttpStatus known = status == null ? HttpStatus.NOT_FOUND : status;
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                known,
                known.is5xxServerError()
                        ? "A fault of Frenum's own. The log of the server says more."
                        : "There is nothing at this address, or it cannot be asked for in this way.");
        problem.setTitle(known.is5xxServerError() ? "It did not work" : "Not here");
        return ResponseEntity.status(known).body(problem);
    }
}

package roundpocket.app.web;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;

/** Answers what went wrong before any controller was reached; whoever asks for this path himself finds nothing. */
@Controller
class ErrorAnswers implements ErrorController {
    @RequestMapping("${server.error.path:/error}")
    ResponseEntity<ProblemDetail> answer(HttpServletRequest request) {
        Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        HttpStatus status = code instanceof Integer number ? HttpStatus.resolve(number) : HttpStatus.NOT_FOUND;
        HttpStatus known = status == null ? HttpStatus.BAD_REQUEST : status;
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(
                known, known == HttpStatus.NOT_FOUND ? "There is nothing here." : "This can’t be understood.");
        detail.setProperty("code", "request");
        return ResponseEntity.status(known).body(detail);
    }
}

package scree.app.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Locale;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.ui.Model;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.multipart.support.MissingServletRequestPartException;
import org.springframework.web.servlet.resource.NoResourceFoundException;

/** Turns what went wrong into a calm page with a reference number; the details go to the log only. */
@ControllerAdvice
class ErrorPages {
    private static final Logger LOG = LoggerFactory.getLogger(ErrorPages.class);
    private final Words words;

    ErrorPages(Words words) {
        this.words = words;
    }

    @ExceptionHandler({NotHere.class, NoResourceFoundException.class})
    String notHere(HttpServletResponse response, Model model) {
        return page(response, model, HttpStatus.NOT_FOUND, null);
    }

    /** An address that is none, or a field that is not what was asked for. */
    @ExceptionHandler
    String mismatch(MethodArgumentTypeMismatchException e, HttpServletResponse response, Model model) {
        return e.getParameter().hasParameterAnnotation(PathVariable.class)
                ? notHere(response, model)
                : bad(new BadInput(e.getName(), "input.mismatch"), response, model);
    }

    @ExceptionHandler
    String bad(BadInput e, HttpServletResponse response, Model model) {
        model.addAttribute("sentence", words.say(e.sentence(), e.field()));
        return page(response, model, HttpStatus.BAD_REQUEST, null);
    }

    /** A document that no page sends. */
    @ExceptionHandler(HttpMessageNotReadableException.class)
    String unreadable(HttpServletResponse response, Model model) {
        return bad(new BadInput("body", "input.mismatch"), response, model);
    }

    /** Whoever asked has left: nobody is there to be told. */
    @ExceptionHandler(AsyncRequestNotUsableException.class)
    void left() {
        LOG.debug("the reader left before the answer");
    }

    @ExceptionHandler
    String missing(MissingServletRequestParameterException e, HttpServletResponse response, Model model) {
        return bad(new BadInput(e.getParameterName(), "input.missing"), response, model);
    }

    @ExceptionHandler
    String missing(MissingServletRequestPartException e, HttpServletResponse response, Model model) {
        return bad(new BadInput(e.getRequestPartName(), "input.missing"), response, model);
    }

    /** Over the server's own limit, which lies far above what the core takes. */
    @ExceptionHandler(MaxUploadSizeExceededException.class)
    String tooLarge(HttpServletResponse response, Model model) {
        model.addAttribute("sentence", words.say("picture.FILE_TOO_LARGE"));
        return page(response, model, HttpStatus.CONTENT_TOO_LARGE, null);
    }

    @ExceptionHandler(MultipartException.class)
    String brokenUpload(HttpServletResponse response, Model model) {
        return bad(new BadInput("file", "input.multipart"), response, model);
    }

    /** Someone else was faster where no page shows both versions. */
    @ExceptionHandler(StaleSave.class)
    String stale(HttpServletResponse response, Model model) {
        model.addAttribute("sentence", words.say("input.stale"));
        return page(response, model, HttpStatus.CONFLICT, null);
    }

    /** What no form sends was refused further in, by the core or by the schema: it changed nothing. */
    @ExceptionHandler({IllegalArgumentException.class, DataIntegrityViolationException.class})
    String refused(Exception e, HttpServletRequest request, HttpServletResponse response, Model model) {
        String reference = reference();
        LOG.warn("reference {} refused {} {}", reference, request.getMethod(), Masked.path(request.getRequestURI()), e);
        model.addAttribute("sentence", words.say("input.refused"));
        return page(response, model, HttpStatus.BAD_REQUEST, reference);
    }

    @ExceptionHandler(Exception.class)
    String broken(Exception e, HttpServletRequest request, HttpServletResponse response, Model model) throws Exception {
        if (e instanceof ErrorResponse known) {
            HttpStatus status = HttpStatus.valueOf(known.getStatusCode().value());
            return page(response, model, status, null);
        }
        if (e instanceof org.springframework.security.access.AccessDeniedException || StoreTrouble.away(e)) {
            throw e;
        }
        String reference = reference();
        LOG.error("reference {} {} {}", reference, request.getMethod(), Masked.path(request.getRequestURI()), e);
        return page(response, model, HttpStatus.INTERNAL_SERVER_ERROR, reference);
    }

    private static String reference() {
        return UUID.randomUUID().toString().substring(0, 8).toUpperCase(Locale.ROOT);
    }

    private static String page(HttpServletResponse response, Model model, HttpStatus status, String reference) {
        response.setStatus(status.value());
        model.addAttribute("status", status.value());
        model.addAttribute("reference", reference);
        return "error";
    }
}

package gyrotaxis.server.messages;

import gyrotaxis.server.messages.MessageBodies.MessagesView;
import gyrotaxis.server.messages.MessageBodies.SendBody;
import gyrotaxis.server.messages.MessageBodies.TemplateBody;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Every answer is all there is, so that a page shows at once what came of what it asked. */
@RestController
@RequestMapping("/api/messages")
class MessageController {
    private final MessageService service;

    MessageController(MessageService service) {
        this.service = service;
    }

    @GetMapping
    MessagesView messages() {
        return service.all();
    }

    @PutMapping("/words/{cue}")
    MessagesView word(@PathVariable MessageTrigger cue, @RequestBody TemplateBody body) {
        return service.word(cue, body);
    }

    /** Sends one. */
    @PostMapping("/sent")
    MessagesView send(@RequestBody SendBody body) {
        return service.send(body);
    }
}

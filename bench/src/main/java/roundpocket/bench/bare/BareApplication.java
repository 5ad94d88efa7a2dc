package roundpocket.bench.bare;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The starters that Round Pocket uses and nothing else: what its start and its memory are compared with. */
@SpringBootApplication
@RestController
public class BareApplication {
    public static void main(String[] args) {
        SpringApplication.run(BareApplication.class, args);
    }

    @GetMapping("/")
    public String hello() {
        return "here";
    }
}

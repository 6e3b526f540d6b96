package app.frenum.server.demo;

import app.frenum.server.FrenumProperties;
import app.frenum.server.who.Deed;
import app.frenum.server.who.Does;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class DemoController {
    private final FrenumProperties properties;
    private final DemoLoader loader;

    DemoController(FrenumProperties properties, DemoLoader loader) {
        this.properties = properties;
        this.loader = loader;
    }

    /**
     * The demo.
     *
     * @param shown whether its tests are among those here
     * @param filling whether they are still being brought in
     */
    record Demo(boolean shown, boolean filling) {}

    @Does(Deed.GREETS)
    @GetMapping("/api/demo")
    Demo demo() {
        return new Demo(properties.demo(), loader.isFilling());
    }
}

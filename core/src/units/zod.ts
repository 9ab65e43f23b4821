import { z } from "zod";

// The page's content security policy forbids eval, which Zod would otherwise compile parsers with.
z.config({ jitless: true });

export { z };

// Nothing may add to what every object inherits: whatever tries fails its test.
Object.preventExtensions(Object.prototype);

/* Made of the schemas by `npm run validators`. */
const Fe=U,le={$id:"velmo/settings/8",type:"object",properties:{version:{const:8},lens:{type:"string",pattern:"^[a-z0-9-\
]{1,32}$"},crop:{type:"number",minimum:1,maximum:4},time:{oneOf:[{type:"object",properties:{mode:{const:"auto"}},required:[
"mode"],additionalProperties:!1},{type:"object",properties:{mode:{const:"held"},click:{type:"integer",minimum:-39,maximum:18}},
required:["mode","click"],additionalProperties:!1}]},iso:{oneOf:[{type:"object",properties:{mode:{const:"auto"}},required:[
"mode"],additionalProperties:!1},{type:"object",properties:{mode:{const:"held"},click:{type:"integer",minimum:-6,maximum:24}},
required:["mode","click"],additionalProperties:!1}]},compClicks:{type:"number",multipleOf:.5,minimum:-18,maximum:18},meter:{
type:"object",properties:{pattern:{enum:["whole","centre","spot","highlights"]},spot:{type:"object",properties:{x:{type:"\
number",minimum:0,maximum:1},y:{type:"number",minimum:0,maximum:1}},required:["x","y"],additionalProperties:!1},lockedEv100:{
type:["number","null"],minimum:-20,maximum:30}},required:["pattern","spot","lockedEv100"],additionalProperties:!1},support:{
enum:["hand","tripod"]},stabiliserStops:{type:"integer",minimum:0,maximum:5},filterStops:{type:"integer",minimum:0,maximum:10},
torch:{type:"boolean"},flash:{enum:["off","begin","end"]},subject:{enum:["scene","still","walking","running","vehicle"]},
mainsHz:{enum:[50,60]},sizeMp:{enum:[12,3]},focus:{oneOf:[{type:"object",properties:{mode:{const:"auto"},spot:{type:"obj\
ect",properties:{x:{type:"number",minimum:0,maximum:1},y:{type:"number",minimum:0,maximum:1}},required:["x","y"],additionalProperties:!1},
follow:{type:"boolean"}},required:["mode","spot","follow"],additionalProperties:!1},{type:"object",properties:{mode:{const:"\
held"},dioptres:{type:"number",minimum:-1,maximum:25}},required:["mode","dioptres"],additionalProperties:!1}]},white:{oneOf:[
{type:"object",properties:{mode:{const:"auto"},locked:{oneOf:[{type:"null"},{type:"object",properties:{kelvin:{type:"num\
ber",minimum:2e3,maximum:12e3},tint:{type:"number",minimum:-30,maximum:30}},required:["kelvin","tint"],additionalProperties:!1}]}},
required:["mode","locked"],additionalProperties:!1},{type:"object",properties:{mode:{const:"held"},kelvin:{type:"number",
minimum:2e3,maximum:12e3},tint:{type:"number",minimum:-30,maximum:30}},required:["mode","kelvin","tint"],additionalProperties:!1}]},
files:{enum:["dng","dng+jpeg","jpeg","tiff","png"]},jpegQuality:{type:"integer",minimum:60,maximum:100},average:{oneOf:[
{const:1},{type:"integer",minimum:4,maximum:64}]},aspect:{enum:["4:3","3:2","16:9","1:1"]},series:{oneOf:[{type:"object",
properties:{kind:{const:"single"}},required:["kind"],additionalProperties:!1},{type:"object",properties:{kind:{const:"br\
acket"},frames:{type:"integer",minimum:2,maximum:9},stepClicks:{type:"integer",minimum:1,maximum:9},order:{enum:["middle\
-first","dark-first","bright-first"]}},required:["kind","frames","stepClicks","order"],additionalProperties:!1},{type:"o\
bject",properties:{kind:{const:"burst"},frames:{type:"integer",minimum:3,maximum:60}},required:["kind","frames"],additionalProperties:!1},
{type:"object",properties:{kind:{const:"focus"},places:{oneOf:[{type:"null"},{type:"array",items:{type:"number",minimum:-1,
maximum:25},maxItems:30}]},nearDioptres:{type:"number",minimum:-1,maximum:25},farDioptres:{type:"number",minimum:-1,maximum:25},
overlap:{type:"number",minimum:0,maximum:.8}},required:["kind","places","nearDioptres","farDioptres","overlap"],additionalProperties:!1},
{type:"object",properties:{kind:{const:"interval"},everyS:{type:"integer",minimum:1,maximum:3600},frames:{type:"integer",
minimum:2,maximum:999},exposure:{enum:["held","metered"]},lightS:{type:"integer",minimum:0,maximum:86400}},required:["ki\
nd","everyS","frames","exposure","lightS"],additionalProperties:!1},{type:"object",properties:{kind:{const:"long"},totalS:{
type:"integer",minimum:30,maximum:7200},gather:{enum:["mean","sum","brightest"]}},required:["kind","totalS","gather"],additionalProperties:!1}]},
delayS:{enum:[0,2,3,10,20]}},required:["version","lens","crop","time","iso","compClicks","meter","support","stabiliserSt\
ops","filterStops","torch","flash","subject","mainsHz","sizeMp","focus","white","files","jpegQuality","average","aspect",
"series","delayS"],additionalProperties:!1},we=Object.prototype.hasOwnProperty,Ae=new RegExp("^[a-z0-9-]{1,32}$","u");function U(t,{
instancePath:s="",parentData:ye,parentDataProperty:he,rootData:de=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&
!Array.isArray(t)){let n;if(t.version===void 0&&(n="version")||t.lens===void 0&&(n="lens")||t.crop===void 0&&(n="crop")||
t.time===void 0&&(n="time")||t.iso===void 0&&(n="iso")||t.compClicks===void 0&&(n="compClicks")||t.meter===void 0&&(n="m\
eter")||t.support===void 0&&(n="support")||t.stabiliserStops===void 0&&(n="stabiliserStops")||t.filterStops===void 0&&(n=
"filterStops")||t.torch===void 0&&(n="torch")||t.flash===void 0&&(n="flash")||t.subject===void 0&&(n="subject")||t.mainsHz===
void 0&&(n="mainsHz")||t.sizeMp===void 0&&(n="sizeMp")||t.focus===void 0&&(n="focus")||t.white===void 0&&(n="white")||t.
files===void 0&&(n="files")||t.jpegQuality===void 0&&(n="jpegQuality")||t.average===void 0&&(n="average")||t.aspect===void 0&&
(n="aspect")||t.series===void 0&&(n="series")||t.delayS===void 0&&(n="delayS"))return U.errors=[{instancePath:s,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:n}}],!1;{const j=e;for(const i in t)if(!we.call(le.properties,i)){
return U.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:i}}],
!1;break}if(j===e){if(t.version!==void 0){const i=e;if(t.version!==8)return U.errors=[{instancePath:s+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:8}}],!1;var a=i===e}else var a=!0;if(a){if(t.lens!==void 0){
let i=t.lens;const v=e;if(e===v)if(typeof i=="string"){if(!Ae.test(i))return U.errors=[{instancePath:s+"/lens",schemaPath:"\
#/properties/lens/pattern",keyword:"pattern",params:{pattern:"^[a-z0-9-]{1,32}$"}}],!1}else return U.errors=[{instancePath:s+
"/lens",schemaPath:"#/properties/lens/type",keyword:"type",params:{type:"string"}}],!1;var a=v===e}else var a=!0;if(a){if(t.
crop!==void 0){let i=t.crop;const v=e;if(e===v)if(typeof i=="number"&&isFinite(i)){if(i>4||isNaN(i))return U.errors=[{instancePath:s+
"/crop",schemaPath:"#/properties/crop/maximum",keyword:"maximum",params:{comparison:"<=",limit:4}}],!1;if(i<1||isNaN(i))
return U.errors=[{instancePath:s+"/crop",schemaPath:"#/properties/crop/minimum",keyword:"minimum",params:{comparison:">=",
limit:1}}],!1}else return U.errors=[{instancePath:s+"/crop",schemaPath:"#/properties/crop/type",keyword:"type",params:{type:"\
number"}}],!1;var a=v===e}else var a=!0;if(a){if(t.time!==void 0){let i=t.time;const v=e,x=e;let k=!1,C=null;const Q=e;if(e===
Q)if(i&&typeof i=="object"&&!Array.isArray(i)){let o;if(i.mode===void 0&&(o="mode")){const y={instancePath:s+"/time",schemaPath:"\
#/properties/time/oneOf/0/required",keyword:"required",params:{missingProperty:o}};r===null?r=[y]:r.push(y),e++}else{const y=e;
for(const l in i)if(l!=="mode"){const f={instancePath:s+"/time",schemaPath:"#/properties/time/oneOf/0/additionalProperti\
es",keyword:"additionalProperties",params:{additionalProperty:l}};r===null?r=[f]:r.push(f),e++;break}if(y===e&&i.mode!==
void 0&&i.mode!=="auto"){const l={instancePath:s+"/time/mode",schemaPath:"#/properties/time/oneOf/0/properties/mode/cons\
t",keyword:"const",params:{allowedValue:"auto"}};r===null?r=[l]:r.push(l),e++}}}else{const o={instancePath:s+"/time",schemaPath:"\
#/properties/time/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}var A=Q===e;A&&(k=!0,
C=0);const h=e;if(e===h)if(i&&typeof i=="object"&&!Array.isArray(i)){let o;if(i.mode===void 0&&(o="mode")||i.click===void 0&&
(o="click")){const y={instancePath:s+"/time",schemaPath:"#/properties/time/oneOf/1/required",keyword:"required",params:{
missingProperty:o}};r===null?r=[y]:r.push(y),e++}else{const y=e;for(const l in i)if(!(l==="mode"||l==="click")){const f={
instancePath:s+"/time",schemaPath:"#/properties/time/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:l}};r===null?r=[f]:r.push(f),e++;break}if(y===e){if(i.mode!==void 0){const l=e;if(i.mode!=="held"){const f={
instancePath:s+"/time/mode",schemaPath:"#/properties/time/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"\
held"}};r===null?r=[f]:r.push(f),e++}var S=l===e}else var S=!0;if(S)if(i.click!==void 0){let l=i.click;const f=e;if(!(typeof l==
"number"&&!(l%1)&&!isNaN(l)&&isFinite(l))){const c={instancePath:s+"/time/click",schemaPath:"#/properties/time/oneOf/1/p\
roperties/click/type",keyword:"type",params:{type:"integer"}};r===null?r=[c]:r.push(c),e++}if(e===f&&typeof l=="number"&&
isFinite(l)){if(l>18||isNaN(l)){const c={instancePath:s+"/time/click",schemaPath:"#/properties/time/oneOf/1/properties/c\
lick/maximum",keyword:"maximum",params:{comparison:"<=",limit:18}};r===null?r=[c]:r.push(c),e++}else if(l<-39||isNaN(l)){
const c={instancePath:s+"/time/click",schemaPath:"#/properties/time/oneOf/1/properties/click/minimum",keyword:"minimum",
params:{comparison:">=",limit:-39}};r===null?r=[c]:r.push(c),e++}}var S=f===e}else var S=!0}}}else{const o={instancePath:s+
"/time",schemaPath:"#/properties/time/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}
var A=h===e;if(A&&k?(k=!1,C=[C,1]):A&&(k=!0,C=1),k)e=x,r!==null&&(x?r.length=x:r=null);else{const o={instancePath:s+"/ti\
me",schemaPath:"#/properties/time/oneOf",keyword:"oneOf",params:{passingSchemas:C}};return r===null?r=[o]:r.push(o),e++,
U.errors=r,!1}var a=v===e}else var a=!0;if(a){if(t.iso!==void 0){let i=t.iso;const v=e,x=e;let k=!1,C=null;const Q=e;if(e===
Q)if(i&&typeof i=="object"&&!Array.isArray(i)){let o;if(i.mode===void 0&&(o="mode")){const y={instancePath:s+"/iso",schemaPath:"\
#/properties/iso/oneOf/0/required",keyword:"required",params:{missingProperty:o}};r===null?r=[y]:r.push(y),e++}else{const y=e;
for(const l in i)if(l!=="mode"){const f={instancePath:s+"/iso",schemaPath:"#/properties/iso/oneOf/0/additionalProperties",
keyword:"additionalProperties",params:{additionalProperty:l}};r===null?r=[f]:r.push(f),e++;break}if(y===e&&i.mode!==void 0&&
i.mode!=="auto"){const l={instancePath:s+"/iso/mode",schemaPath:"#/properties/iso/oneOf/0/properties/mode/const",keyword:"\
const",params:{allowedValue:"auto"}};r===null?r=[l]:r.push(l),e++}}}else{const o={instancePath:s+"/iso",schemaPath:"#/pr\
operties/iso/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}var K=Q===e;K&&(k=!0,C=0);
const h=e;if(e===h)if(i&&typeof i=="object"&&!Array.isArray(i)){let o;if(i.mode===void 0&&(o="mode")||i.click===void 0&&
(o="click")){const y={instancePath:s+"/iso",schemaPath:"#/properties/iso/oneOf/1/required",keyword:"required",params:{missingProperty:o}};
r===null?r=[y]:r.push(y),e++}else{const y=e;for(const l in i)if(!(l==="mode"||l==="click")){const f={instancePath:s+"/is\
o",schemaPath:"#/properties/iso/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}};
r===null?r=[f]:r.push(f),e++;break}if(y===e){if(i.mode!==void 0){const l=e;if(i.mode!=="held"){const f={instancePath:s+"\
/iso/mode",schemaPath:"#/properties/iso/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===
null?r=[f]:r.push(f),e++}var F=l===e}else var F=!0;if(F)if(i.click!==void 0){let l=i.click;const f=e;if(!(typeof l=="num\
ber"&&!(l%1)&&!isNaN(l)&&isFinite(l))){const c={instancePath:s+"/iso/click",schemaPath:"#/properties/iso/oneOf/1/propert\
ies/click/type",keyword:"type",params:{type:"integer"}};r===null?r=[c]:r.push(c),e++}if(e===f&&typeof l=="number"&&isFinite(
l)){if(l>24||isNaN(l)){const c={instancePath:s+"/iso/click",schemaPath:"#/properties/iso/oneOf/1/properties/click/maximu\
m",keyword:"maximum",params:{comparison:"<=",limit:24}};r===null?r=[c]:r.push(c),e++}else if(l<-6||isNaN(l)){const c={instancePath:s+
"/iso/click",schemaPath:"#/properties/iso/oneOf/1/properties/click/minimum",keyword:"minimum",params:{comparison:">=",limit:-6}};
r===null?r=[c]:r.push(c),e++}}var F=f===e}else var F=!0}}}else{const o={instancePath:s+"/iso",schemaPath:"#/properties/i\
so/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}var K=h===e;if(K&&k?(k=!1,C=[C,1]):
K&&(k=!0,C=1),k)e=x,r!==null&&(x?r.length=x:r=null);else{const o={instancePath:s+"/iso",schemaPath:"#/properties/iso/one\
Of",keyword:"oneOf",params:{passingSchemas:C}};return r===null?r=[o]:r.push(o),e++,U.errors=r,!1}var a=v===e}else var a=!0;
if(a){if(t.compClicks!==void 0){let i=t.compClicks;const v=e;if(e===v)if(typeof i=="number"&&isFinite(i)){if(i>18||isNaN(
i))return U.errors=[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/maximum",keyword:"maximum",params:{
comparison:"<=",limit:18}}],!1;if(i<-18||isNaN(i))return U.errors=[{instancePath:s+"/compClicks",schemaPath:"#/propertie\
s/compClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1;{let k;if(k=i/.5,k!==parseInt(k))return U.
errors=[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/multipleOf",keyword:"multipleOf",params:{multipleOf:.5}}],
!1}}else return U.errors=[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/type",keyword:"type",params:{
type:"number"}}],!1;var a=v===e}else var a=!0;if(a){if(t.meter!==void 0){let i=t.meter;const v=e;if(e===v)if(i&&typeof i==
"object"&&!Array.isArray(i)){let k;if(i.pattern===void 0&&(k="pattern")||i.spot===void 0&&(k="spot")||i.lockedEv100===void 0&&
(k="lockedEv100"))return U.errors=[{instancePath:s+"/meter",schemaPath:"#/properties/meter/required",keyword:"required",
params:{missingProperty:k}}],!1;{const C=e;for(const Q in i)if(!(Q==="pattern"||Q==="spot"||Q==="lockedEv100")){return U.
errors=[{instancePath:s+"/meter",schemaPath:"#/properties/meter/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:Q}}],!1;break}if(C===e){if(i.pattern!==void 0){let Q=i.pattern;const h=e;if(!(Q==="whole"||Q==="centr\
e"||Q==="spot"||Q==="highlights"))return U.errors=[{instancePath:s+"/meter/pattern",schemaPath:"#/properties/meter/prope\
rties/pattern/enum",keyword:"enum",params:{allowedValues:le.properties.meter.properties.pattern.enum}}],!1;var b=h===e}else
var b=!0;if(b){if(i.spot!==void 0){let Q=i.spot;const h=e;if(e===h)if(Q&&typeof Q=="object"&&!Array.isArray(Q)){let o;if(Q.
x===void 0&&(o="x")||Q.y===void 0&&(o="y"))return U.errors=[{instancePath:s+"/meter/spot",schemaPath:"#/properties/meter\
/properties/spot/required",keyword:"required",params:{missingProperty:o}}],!1;{const y=e;for(const l in Q)if(!(l==="x"||
l==="y")){return U.errors=[{instancePath:s+"/meter/spot",schemaPath:"#/properties/meter/properties/spot/additionalProper\
ties",keyword:"additionalProperties",params:{additionalProperty:l}}],!1;break}if(y===e){if(Q.x!==void 0){let l=Q.x;const f=e;
if(e===f)if(typeof l=="number"&&isFinite(l)){if(l>1||isNaN(l))return U.errors=[{instancePath:s+"/meter/spot/x",schemaPath:"\
#/properties/meter/properties/spot/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}}],!1;if(l<0||
isNaN(l))return U.errors=[{instancePath:s+"/meter/spot/x",schemaPath:"#/properties/meter/properties/spot/properties/x/mi\
nimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return U.errors=[{instancePath:s+"/meter/spot/x",schemaPath:"\
#/properties/meter/properties/spot/properties/x/type",keyword:"type",params:{type:"number"}}],!1;var _=f===e}else var _=!0;
if(_)if(Q.y!==void 0){let l=Q.y;const f=e;if(e===f)if(typeof l=="number"&&isFinite(l)){if(l>1||isNaN(l))return U.errors=
[{instancePath:s+"/meter/spot/y",schemaPath:"#/properties/meter/properties/spot/properties/y/maximum",keyword:"maximum",
params:{comparison:"<=",limit:1}}],!1;if(l<0||isNaN(l))return U.errors=[{instancePath:s+"/meter/spot/y",schemaPath:"#/pr\
operties/meter/properties/spot/properties/y/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return U.
errors=[{instancePath:s+"/meter/spot/y",schemaPath:"#/properties/meter/properties/spot/properties/y/type",keyword:"type",
params:{type:"number"}}],!1;var _=f===e}else var _=!0}}}else return U.errors=[{instancePath:s+"/meter/spot",schemaPath:"\
#/properties/meter/properties/spot/type",keyword:"type",params:{type:"object"}}],!1;var b=h===e}else var b=!0;if(b)if(i.
lockedEv100!==void 0){let Q=i.lockedEv100;const h=e;if(!(typeof Q=="number"&&isFinite(Q))&&Q!==null)return U.errors=[{instancePath:s+
"/meter/lockedEv100",schemaPath:"#/properties/meter/properties/lockedEv100/type",keyword:"type",params:{type:le.properties.
meter.properties.lockedEv100.type}}],!1;if(e===h&&typeof Q=="number"&&isFinite(Q)){if(Q>30||isNaN(Q))return U.errors=[{instancePath:s+
"/meter/lockedEv100",schemaPath:"#/properties/meter/properties/lockedEv100/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:30}}],!1;if(Q<-20||isNaN(Q))return U.errors=[{instancePath:s+"/meter/lockedEv100",schemaPath:"#/properties/met\
er/properties/lockedEv100/minimum",keyword:"minimum",params:{comparison:">=",limit:-20}}],!1}var b=h===e}else var b=!0}}}}else
return U.errors=[{instancePath:s+"/meter",schemaPath:"#/properties/meter/type",keyword:"type",params:{type:"object"}}],!1;
var a=v===e}else var a=!0;if(a){if(t.support!==void 0){let i=t.support;const v=e;if(!(i==="hand"||i==="tripod"))return U.
errors=[{instancePath:s+"/support",schemaPath:"#/properties/support/enum",keyword:"enum",params:{allowedValues:le.properties.
support.enum}}],!1;var a=v===e}else var a=!0;if(a){if(t.stabiliserStops!==void 0){let i=t.stabiliserStops;const v=e;if(!(typeof i==
"number"&&!(i%1)&&!isNaN(i)&&isFinite(i)))return U.errors=[{instancePath:s+"/stabiliserStops",schemaPath:"#/properties/s\
tabiliserStops/type",keyword:"type",params:{type:"integer"}}],!1;if(e===v&&typeof i=="number"&&isFinite(i)){if(i>5||isNaN(
i))return U.errors=[{instancePath:s+"/stabiliserStops",schemaPath:"#/properties/stabiliserStops/maximum",keyword:"maximu\
m",params:{comparison:"<=",limit:5}}],!1;if(i<0||isNaN(i))return U.errors=[{instancePath:s+"/stabiliserStops",schemaPath:"\
#/properties/stabiliserStops/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}var a=v===e}else var a=!0;
if(a){if(t.filterStops!==void 0){let i=t.filterStops;const v=e;if(!(typeof i=="number"&&!(i%1)&&!isNaN(i)&&isFinite(i)))
return U.errors=[{instancePath:s+"/filterStops",schemaPath:"#/properties/filterStops/type",keyword:"type",params:{type:"\
integer"}}],!1;if(e===v&&typeof i=="number"&&isFinite(i)){if(i>10||isNaN(i))return U.errors=[{instancePath:s+"/filterSto\
ps",schemaPath:"#/properties/filterStops/maximum",keyword:"maximum",params:{comparison:"<=",limit:10}}],!1;if(i<0||isNaN(
i))return U.errors=[{instancePath:s+"/filterStops",schemaPath:"#/properties/filterStops/minimum",keyword:"minimum",params:{
comparison:">=",limit:0}}],!1}var a=v===e}else var a=!0;if(a){if(t.torch!==void 0){const i=e;if(typeof t.torch!="boolean")
return U.errors=[{instancePath:s+"/torch",schemaPath:"#/properties/torch/type",keyword:"type",params:{type:"boolean"}}],
!1;var a=i===e}else var a=!0;if(a){if(t.flash!==void 0){let i=t.flash;const v=e;if(!(i==="off"||i==="begin"||i==="end"))
return U.errors=[{instancePath:s+"/flash",schemaPath:"#/properties/flash/enum",keyword:"enum",params:{allowedValues:le.properties.
flash.enum}}],!1;var a=v===e}else var a=!0;if(a){if(t.subject!==void 0){let i=t.subject;const v=e;if(!(i==="scene"||i===
"still"||i==="walking"||i==="running"||i==="vehicle"))return U.errors=[{instancePath:s+"/subject",schemaPath:"#/properti\
es/subject/enum",keyword:"enum",params:{allowedValues:le.properties.subject.enum}}],!1;var a=v===e}else var a=!0;if(a){if(t.
mainsHz!==void 0){let i=t.mainsHz;const v=e;if(!(i===50||i===60))return U.errors=[{instancePath:s+"/mainsHz",schemaPath:"\
#/properties/mainsHz/enum",keyword:"enum",params:{allowedValues:le.properties.mainsHz.enum}}],!1;var a=v===e}else var a=!0;
if(a){if(t.sizeMp!==void 0){let i=t.sizeMp;const v=e;if(!(i===12||i===3))return U.errors=[{instancePath:s+"/sizeMp",schemaPath:"\
#/properties/sizeMp/enum",keyword:"enum",params:{allowedValues:le.properties.sizeMp.enum}}],!1;var a=v===e}else var a=!0;
if(a){if(t.focus!==void 0){let i=t.focus;const v=e,x=e;let k=!1,C=null;const Q=e;if(e===Q)if(i&&typeof i=="object"&&!Array.
isArray(i)){let o;if(i.mode===void 0&&(o="mode")||i.spot===void 0&&(o="spot")||i.follow===void 0&&(o="follow")){const y={
instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf/0/required",keyword:"required",params:{missingProperty:o}};
r===null?r=[y]:r.push(y),e++}else{const y=e;for(const l in i)if(!(l==="mode"||l==="spot"||l==="follow")){const f={instancePath:s+
"/focus",schemaPath:"#/properties/focus/oneOf/0/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}};
r===null?r=[f]:r.push(f),e++;break}if(y===e){if(i.mode!==void 0){const l=e;if(i.mode!=="auto"){const f={instancePath:s+"\
/focus/mode",schemaPath:"#/properties/focus/oneOf/0/properties/mode/const",keyword:"const",params:{allowedValue:"auto"}};
r===null?r=[f]:r.push(f),e++}var R=l===e}else var R=!0;if(R){if(i.spot!==void 0){let l=i.spot;const f=e;if(e===f)if(l&&typeof l==
"object"&&!Array.isArray(l)){let c;if(l.x===void 0&&(c="x")||l.y===void 0&&(c="y")){const D={instancePath:s+"/focus/spot",
schemaPath:"#/properties/focus/oneOf/0/properties/spot/required",keyword:"required",params:{missingProperty:c}};r===null?
r=[D]:r.push(D),e++}else{const D=e;for(const Z in l)if(!(Z==="x"||Z==="y")){const O={instancePath:s+"/focus/spot",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:Z}};
r===null?r=[O]:r.push(O),e++;break}if(D===e){if(l.x!==void 0){let Z=l.x;const O=e;if(e===O)if(typeof Z=="number"&&isFinite(
Z)){if(Z>1||isNaN(Z)){const z={instancePath:s+"/focus/spot/x",schemaPath:"#/properties/focus/oneOf/0/properties/spot/pro\
perties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[z]:r.push(z),e++}else if(Z<0||isNaN(Z)){
const z={instancePath:s+"/focus/spot/x",schemaPath:"#/properties/focus/oneOf/0/properties/spot/properties/x/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}};r===null?r=[z]:r.push(z),e++}}else{const z={instancePath:s+"/focus/spot/x",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/properties/x/type",keyword:"type",params:{type:"number"}};r===null?r=[z]:r.push(
z),e++}var w=O===e}else var w=!0;if(w)if(l.y!==void 0){let Z=l.y;const O=e;if(e===O)if(typeof Z=="number"&&isFinite(Z)){
if(Z>1||isNaN(Z)){const g={instancePath:s+"/focus/spot/y",schemaPath:"#/properties/focus/oneOf/0/properties/spot/propert\
ies/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[g]:r.push(g),e++}else if(Z<0||isNaN(Z)){const g={
instancePath:s+"/focus/spot/y",schemaPath:"#/properties/focus/oneOf/0/properties/spot/properties/y/minimum",keyword:"min\
imum",params:{comparison:">=",limit:0}};r===null?r=[g]:r.push(g),e++}}else{const g={instancePath:s+"/focus/spot/y",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/properties/y/type",keyword:"type",params:{type:"number"}};r===null?r=[g]:r.push(
g),e++}var w=O===e}else var w=!0}}}else{const c={instancePath:s+"/focus/spot",schemaPath:"#/properties/focus/oneOf/0/pro\
perties/spot/type",keyword:"type",params:{type:"object"}};r===null?r=[c]:r.push(c),e++}var R=f===e}else var R=!0;if(R)if(i.
follow!==void 0){const l=e;if(typeof i.follow!="boolean"){const L={instancePath:s+"/focus/follow",schemaPath:"#/properti\
es/focus/oneOf/0/properties/follow/type",keyword:"type",params:{type:"boolean"}};r===null?r=[L]:r.push(L),e++}var R=l===
e}else var R=!0}}}}else{const o={instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf/0/type",keyword:"type",params:{
type:"object"}};r===null?r=[o]:r.push(o),e++}var P=Q===e;P&&(k=!0,C=0);const h=e;if(e===h)if(i&&typeof i=="object"&&!Array.
isArray(i)){let o;if(i.mode===void 0&&(o="mode")||i.dioptres===void 0&&(o="dioptres")){const y={instancePath:s+"/focus",
schemaPath:"#/properties/focus/oneOf/1/required",keyword:"required",params:{missingProperty:o}};r===null?r=[y]:r.push(y),
e++}else{const y=e;for(const l in i)if(!(l==="mode"||l==="dioptres")){const f={instancePath:s+"/focus",schemaPath:"#/pro\
perties/focus/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}};r===null?r=[f]:
r.push(f),e++;break}if(y===e){if(i.mode!==void 0){const l=e;if(i.mode!=="held"){const f={instancePath:s+"/focus/mode",schemaPath:"\
#/properties/focus/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===null?r=[f]:r.push(f),
e++}var M=l===e}else var M=!0;if(M)if(i.dioptres!==void 0){let l=i.dioptres;const f=e;if(e===f)if(typeof l=="number"&&isFinite(
l)){if(l>25||isNaN(l)){const c={instancePath:s+"/focus/dioptres",schemaPath:"#/properties/focus/oneOf/1/properties/diopt\
res/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?r=[c]:r.push(c),e++}else if(l<-1||isNaN(l)){const c={
instancePath:s+"/focus/dioptres",schemaPath:"#/properties/focus/oneOf/1/properties/dioptres/minimum",keyword:"minimum",params:{
comparison:">=",limit:-1}};r===null?r=[c]:r.push(c),e++}}else{const c={instancePath:s+"/focus/dioptres",schemaPath:"#/pr\
operties/focus/oneOf/1/properties/dioptres/type",keyword:"type",params:{type:"number"}};r===null?r=[c]:r.push(c),e++}var M=f===
e}else var M=!0}}}else{const o={instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf/1/type",keyword:"type",params:{
type:"object"}};r===null?r=[o]:r.push(o),e++}var P=h===e;if(P&&k?(k=!1,C=[C,1]):P&&(k=!0,C=1),k)e=x,r!==null&&(x?r.length=
x:r=null);else{const o={instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf",keyword:"oneOf",params:{passingSchemas:C}};
return r===null?r=[o]:r.push(o),e++,U.errors=r,!1}var a=v===e}else var a=!0;if(a){if(t.white!==void 0){let i=t.white;const v=e,
x=e;let k=!1,C=null;const Q=e;if(e===Q)if(i&&typeof i=="object"&&!Array.isArray(i)){let o;if(i.mode===void 0&&(o="mode")||
i.locked===void 0&&(o="locked")){const y={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/0/required",keyword:"\
required",params:{missingProperty:o}};r===null?r=[y]:r.push(y),e++}else{const y=e;for(const l in i)if(!(l==="mode"||l===
"locked")){const f={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/0/additionalProperties",keyword:"additi\
onalProperties",params:{additionalProperty:l}};r===null?r=[f]:r.push(f),e++;break}if(y===e){if(i.mode!==void 0){const l=e;
if(i.mode!=="auto"){const f={instancePath:s+"/white/mode",schemaPath:"#/properties/white/oneOf/0/properties/mode/const",
keyword:"const",params:{allowedValue:"auto"}};r===null?r=[f]:r.push(f),e++}var G=l===e}else var G=!0;if(G)if(i.locked!==
void 0){let l=i.locked;const f=e,L=e;let c=!1,D=null;const Z=e;if(l!==null){const g={instancePath:s+"/white/locked",schemaPath:"\
#/properties/white/oneOf/0/properties/locked/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[g]:r.push(g),
e++}var d=Z===e;d&&(c=!0,D=0);const O=e;if(e===O)if(l&&typeof l=="object"&&!Array.isArray(l)){let g;if(l.kelvin===void 0&&
(g="kelvin")||l.tint===void 0&&(g="tint")){const q={instancePath:s+"/white/locked",schemaPath:"#/properties/white/oneOf/\
0/properties/locked/oneOf/1/required",keyword:"required",params:{missingProperty:g}};r===null?r=[q]:r.push(q),e++}else{const q=e;
for(const X in l)if(!(X==="kelvin"||X==="tint")){const W={instancePath:s+"/white/locked",schemaPath:"#/properties/white/\
oneOf/0/properties/locked/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:X}};r===
null?r=[W]:r.push(W),e++;break}if(q===e){if(l.kelvin!==void 0){let X=l.kelvin;const W=e;if(e===W)if(typeof X=="number"&&
isFinite(X)){if(X>12e3||isNaN(X)){const ae={instancePath:s+"/white/locked/kelvin",schemaPath:"#/properties/white/oneOf/0\
/properties/locked/oneOf/1/properties/kelvin/maximum",keyword:"maximum",params:{comparison:"<=",limit:12e3}};r===null?r=
[ae]:r.push(ae),e++}else if(X<2e3||isNaN(X)){const ae={instancePath:s+"/white/locked/kelvin",schemaPath:"#/properties/wh\
ite/oneOf/0/properties/locked/oneOf/1/properties/kelvin/minimum",keyword:"minimum",params:{comparison:">=",limit:2e3}};r===
null?r=[ae]:r.push(ae),e++}}else{const ae={instancePath:s+"/white/locked/kelvin",schemaPath:"#/properties/white/oneOf/0/\
properties/locked/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?r=[ae]:r.push(ae),e++}
var m=W===e}else var m=!0;if(m)if(l.tint!==void 0){let X=l.tint;const W=e;if(e===W)if(typeof X=="number"&&isFinite(X)){if(X>
30||isNaN(X)){const pe={instancePath:s+"/white/locked/tint",schemaPath:"#/properties/white/oneOf/0/properties/locked/one\
Of/1/properties/tint/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}};r===null?r=[pe]:r.push(pe),e++}else if(X<
-30||isNaN(X)){const pe={instancePath:s+"/white/locked/tint",schemaPath:"#/properties/white/oneOf/0/properties/locked/on\
eOf/1/properties/tint/minimum",keyword:"minimum",params:{comparison:">=",limit:-30}};r===null?r=[pe]:r.push(pe),e++}}else{
const pe={instancePath:s+"/white/locked/tint",schemaPath:"#/properties/white/oneOf/0/properties/locked/oneOf/1/propertie\
s/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[pe]:r.push(pe),e++}var m=W===e}else var m=!0}}}else{const g={
instancePath:s+"/white/locked",schemaPath:"#/properties/white/oneOf/0/properties/locked/oneOf/1/type",keyword:"type",params:{
type:"object"}};r===null?r=[g]:r.push(g),e++}var d=O===e;if(d&&c?(c=!1,D=[D,1]):d&&(c=!0,D=1),c)e=L,r!==null&&(L?r.length=
L:r=null);else{const g={instancePath:s+"/white/locked",schemaPath:"#/properties/white/oneOf/0/properties/locked/oneOf",keyword:"\
oneOf",params:{passingSchemas:D}};r===null?r=[g]:r.push(g),e++}var G=f===e}else var G=!0}}}else{const o={instancePath:s+
"/white",schemaPath:"#/properties/white/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}
var u=Q===e;u&&(k=!0,C=0);const h=e;if(e===h)if(i&&typeof i=="object"&&!Array.isArray(i)){let o;if(i.mode===void 0&&(o="\
mode")||i.kelvin===void 0&&(o="kelvin")||i.tint===void 0&&(o="tint")){const y={instancePath:s+"/white",schemaPath:"#/pro\
perties/white/oneOf/1/required",keyword:"required",params:{missingProperty:o}};r===null?r=[y]:r.push(y),e++}else{const y=e;
for(const l in i)if(!(l==="mode"||l==="kelvin"||l==="tint")){const f={instancePath:s+"/white",schemaPath:"#/properties/w\
hite/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}};r===null?r=[f]:r.push(f),
e++;break}if(y===e){if(i.mode!==void 0){const l=e;if(i.mode!=="held"){const f={instancePath:s+"/white/mode",schemaPath:"\
#/properties/white/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===null?r=[f]:r.push(f),
e++}var H=l===e}else var H=!0;if(H){if(i.kelvin!==void 0){let l=i.kelvin;const f=e;if(e===f)if(typeof l=="number"&&isFinite(
l)){if(l>12e3||isNaN(l)){const c={instancePath:s+"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvi\
n/maximum",keyword:"maximum",params:{comparison:"<=",limit:12e3}};r===null?r=[c]:r.push(c),e++}else if(l<2e3||isNaN(l)){
const c={instancePath:s+"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvin/minimum",keyword:"minim\
um",params:{comparison:">=",limit:2e3}};r===null?r=[c]:r.push(c),e++}}else{const c={instancePath:s+"/white/kelvin",schemaPath:"\
#/properties/white/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?r=[c]:r.push(c),e++}var H=f===
e}else var H=!0;if(H)if(i.tint!==void 0){let l=i.tint;const f=e;if(e===f)if(typeof l=="number"&&isFinite(l)){if(l>30||isNaN(
l)){const c={instancePath:s+"/white/tint",schemaPath:"#/properties/white/oneOf/1/properties/tint/maximum",keyword:"maxim\
um",params:{comparison:"<=",limit:30}};r===null?r=[c]:r.push(c),e++}else if(l<-30||isNaN(l)){const c={instancePath:s+"/w\
hite/tint",schemaPath:"#/properties/white/oneOf/1/properties/tint/minimum",keyword:"minimum",params:{comparison:">=",limit:-30}};
r===null?r=[c]:r.push(c),e++}}else{const c={instancePath:s+"/white/tint",schemaPath:"#/properties/white/oneOf/1/properti\
es/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[c]:r.push(c),e++}var H=f===e}else var H=!0}}}}else{const o={
instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[
o]:r.push(o),e++}var u=h===e;if(u&&k?(k=!1,C=[C,1]):u&&(k=!0,C=1),k)e=x,r!==null&&(x?r.length=x:r=null);else{const o={instancePath:s+
"/white",schemaPath:"#/properties/white/oneOf",keyword:"oneOf",params:{passingSchemas:C}};return r===null?r=[o]:r.push(o),
e++,U.errors=r,!1}var a=v===e}else var a=!0;if(a){if(t.files!==void 0){let i=t.files;const v=e;if(!(i==="dng"||i==="dng+\
jpeg"||i==="jpeg"||i==="tiff"||i==="png"))return U.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/enum",
keyword:"enum",params:{allowedValues:le.properties.files.enum}}],!1;var a=v===e}else var a=!0;if(a){if(t.jpegQuality!==void 0){
let i=t.jpegQuality;const v=e;if(!(typeof i=="number"&&!(i%1)&&!isNaN(i)&&isFinite(i)))return U.errors=[{instancePath:s+
"/jpegQuality",schemaPath:"#/properties/jpegQuality/type",keyword:"type",params:{type:"integer"}}],!1;if(e===v&&typeof i==
"number"&&isFinite(i)){if(i>100||isNaN(i))return U.errors=[{instancePath:s+"/jpegQuality",schemaPath:"#/properties/jpegQ\
uality/maximum",keyword:"maximum",params:{comparison:"<=",limit:100}}],!1;if(i<60||isNaN(i))return U.errors=[{instancePath:s+
"/jpegQuality",schemaPath:"#/properties/jpegQuality/minimum",keyword:"minimum",params:{comparison:">=",limit:60}}],!1}var a=v===
e}else var a=!0;if(a){if(t.average!==void 0){let i=t.average;const v=e,x=e;let k=!1,C=null;const Q=e;if(i!==1){const o={
instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/0/const",keyword:"const",params:{allowedValue:1}};r===null?
r=[o]:r.push(o),e++}var V=Q===e;V&&(k=!0,C=0);const h=e;if(!(typeof i=="number"&&!(i%1)&&!isNaN(i)&&isFinite(i))){const o={
instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/type",keyword:"type",params:{type:"integer"}};r===null?
r=[o]:r.push(o),e++}if(e===h&&typeof i=="number"&&isFinite(i)){if(i>64||isNaN(i)){const o={instancePath:s+"/average",schemaPath:"\
#/properties/average/oneOf/1/maximum",keyword:"maximum",params:{comparison:"<=",limit:64}};r===null?r=[o]:r.push(o),e++}else if(i<
4||isNaN(i)){const o={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/minimum",keyword:"minimum",params:{
comparison:">=",limit:4}};r===null?r=[o]:r.push(o),e++}}var V=h===e;if(V&&k?(k=!1,C=[C,1]):V&&(k=!0,C=1),k)e=x,r!==null&&
(x?r.length=x:r=null);else{const o={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf",keyword:"oneOf",params:{
passingSchemas:C}};return r===null?r=[o]:r.push(o),e++,U.errors=r,!1}var a=v===e}else var a=!0;if(a){if(t.aspect!==void 0){
let i=t.aspect;const v=e;if(!(i==="4:3"||i==="3:2"||i==="16:9"||i==="1:1"))return U.errors=[{instancePath:s+"/aspect",schemaPath:"\
#/properties/aspect/enum",keyword:"enum",params:{allowedValues:le.properties.aspect.enum}}],!1;var a=v===e}else var a=!0;
if(a){if(t.series!==void 0){let i=t.series;const v=e,x=e;let k=!1,C=null;const Q=e;if(e===Q)if(i&&typeof i=="object"&&!Array.
isArray(i)){let o;if(i.kind===void 0&&(o="kind")){const y={instancePath:s+"/series",schemaPath:"#/properties/series/oneO\
f/0/required",keyword:"required",params:{missingProperty:o}};r===null?r=[y]:r.push(y),e++}else{const y=e;for(const l in i)
if(l!=="kind"){const f={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/0/additionalProperties",keyword:"\
additionalProperties",params:{additionalProperty:l}};r===null?r=[f]:r.push(f),e++;break}if(y===e&&i.kind!==void 0&&i.kind!==
"single"){const l={instancePath:s+"/series/kind",schemaPath:"#/properties/series/oneOf/0/properties/kind/const",keyword:"\
const",params:{allowedValue:"single"}};r===null?r=[l]:r.push(l),e++}}}else{const o={instancePath:s+"/series",schemaPath:"\
#/properties/series/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}var N=Q===e;N&&(k=
!0,C=0);const h=e;if(e===h)if(i&&typeof i=="object"&&!Array.isArray(i)){let o;if(i.kind===void 0&&(o="kind")||i.frames===
void 0&&(o="frames")||i.stepClicks===void 0&&(o="stepClicks")||i.order===void 0&&(o="order")){const y={instancePath:s+"/\
series",schemaPath:"#/properties/series/oneOf/1/required",keyword:"required",params:{missingProperty:o}};r===null?r=[y]:
r.push(y),e++}else{const y=e;for(const l in i)if(!(l==="kind"||l==="frames"||l==="stepClicks"||l==="order")){const f={instancePath:s+
"/series",schemaPath:"#/properties/series/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}};
r===null?r=[f]:r.push(f),e++;break}if(y===e){if(i.kind!==void 0){const l=e;if(i.kind!=="bracket"){const f={instancePath:s+
"/series/kind",schemaPath:"#/properties/series/oneOf/1/properties/kind/const",keyword:"const",params:{allowedValue:"brac\
ket"}};r===null?r=[f]:r.push(f),e++}var p=l===e}else var p=!0;if(p){if(i.frames!==void 0){let l=i.frames;const f=e;if(!(typeof l==
"number"&&!(l%1)&&!isNaN(l)&&isFinite(l))){const c={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneO\
f/1/properties/frames/type",keyword:"type",params:{type:"integer"}};r===null?r=[c]:r.push(c),e++}if(e===f&&typeof l=="nu\
mber"&&isFinite(l)){if(l>9||isNaN(l)){const c={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneOf/1/p\
roperties/frames/maximum",keyword:"maximum",params:{comparison:"<=",limit:9}};r===null?r=[c]:r.push(c),e++}else if(l<2||
isNaN(l)){const c={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneOf/1/properties/frames/minimum",keyword:"\
minimum",params:{comparison:">=",limit:2}};r===null?r=[c]:r.push(c),e++}}var p=f===e}else var p=!0;if(p){if(i.stepClicks!==
void 0){let l=i.stepClicks;const f=e;if(!(typeof l=="number"&&!(l%1)&&!isNaN(l)&&isFinite(l))){const c={instancePath:s+"\
/series/stepClicks",schemaPath:"#/properties/series/oneOf/1/properties/stepClicks/type",keyword:"type",params:{type:"int\
eger"}};r===null?r=[c]:r.push(c),e++}if(e===f&&typeof l=="number"&&isFinite(l)){if(l>9||isNaN(l)){const c={instancePath:s+
"/series/stepClicks",schemaPath:"#/properties/series/oneOf/1/properties/stepClicks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:9}};r===null?r=[c]:r.push(c),e++}else if(l<1||isNaN(l)){const c={instancePath:s+"/series/stepClicks",schemaPath:"\
#/properties/series/oneOf/1/properties/stepClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?
r=[c]:r.push(c),e++}}var p=f===e}else var p=!0;if(p)if(i.order!==void 0){let l=i.order;const f=e;if(!(l==="middle-first"||
l==="dark-first"||l==="bright-first")){const c={instancePath:s+"/series/order",schemaPath:"#/properties/series/oneOf/1/p\
roperties/order/enum",keyword:"enum",params:{allowedValues:le.properties.series.oneOf[1].properties.order.enum}};r===null?
r=[c]:r.push(c),e++}var p=f===e}else var p=!0}}}}}else{const o={instancePath:s+"/series",schemaPath:"#/properties/series\
/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}var N=h===e;if(N&&k)k=!1,C=[C,1];else{
N&&(k=!0,C=1);const o=e;if(e===o)if(i&&typeof i=="object"&&!Array.isArray(i)){let l;if(i.kind===void 0&&(l="kind")||i.frames===
void 0&&(l="frames")){const f={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/2/required",keyword:"requi\
red",params:{missingProperty:l}};r===null?r=[f]:r.push(f),e++}else{const f=e;for(const L in i)if(!(L==="kind"||L==="fram\
es")){const c={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/2/additionalProperties",keyword:"additiona\
lProperties",params:{additionalProperty:L}};r===null?r=[c]:r.push(c),e++;break}if(f===e){if(i.kind!==void 0){const L=e;if(i.
kind!=="burst"){const c={instancePath:s+"/series/kind",schemaPath:"#/properties/series/oneOf/2/properties/kind/const",keyword:"\
const",params:{allowedValue:"burst"}};r===null?r=[c]:r.push(c),e++}var T=L===e}else var T=!0;if(T)if(i.frames!==void 0){
let L=i.frames;const c=e;if(!(typeof L=="number"&&!(L%1)&&!isNaN(L)&&isFinite(L))){const Z={instancePath:s+"/series/fram\
es",schemaPath:"#/properties/series/oneOf/2/properties/frames/type",keyword:"type",params:{type:"integer"}};r===null?r=[
Z]:r.push(Z),e++}if(e===c&&typeof L=="number"&&isFinite(L)){if(L>60||isNaN(L)){const Z={instancePath:s+"/series/frames",
schemaPath:"#/properties/series/oneOf/2/properties/frames/maximum",keyword:"maximum",params:{comparison:"<=",limit:60}};
r===null?r=[Z]:r.push(Z),e++}else if(L<3||isNaN(L)){const Z={instancePath:s+"/series/frames",schemaPath:"#/properties/se\
ries/oneOf/2/properties/frames/minimum",keyword:"minimum",params:{comparison:">=",limit:3}};r===null?r=[Z]:r.push(Z),e++}}
var T=c===e}else var T=!0}}}else{const l={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/2/type",keyword:"\
type",params:{type:"object"}};r===null?r=[l]:r.push(l),e++}var N=o===e;if(N&&k)k=!1,C=[C,2];else{N&&(k=!0,C=2);const l=e;
if(e===l)if(i&&typeof i=="object"&&!Array.isArray(i)){let L;if(i.kind===void 0&&(L="kind")||i.places===void 0&&(L="place\
s")||i.nearDioptres===void 0&&(L="nearDioptres")||i.farDioptres===void 0&&(L="farDioptres")||i.overlap===void 0&&(L="ove\
rlap")){const c={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/3/required",keyword:"required",params:{missingProperty:L}};
r===null?r=[c]:r.push(c),e++}else{const c=e;for(const D in i)if(!(D==="kind"||D==="places"||D==="nearDioptres"||D==="far\
Dioptres"||D==="overlap")){const Z={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/3/additionalPropertie\
s",keyword:"additionalProperties",params:{additionalProperty:D}};r===null?r=[Z]:r.push(Z),e++;break}if(c===e){if(i.kind!==
void 0){const D=e;if(i.kind!=="focus"){const Z={instancePath:s+"/series/kind",schemaPath:"#/properties/series/oneOf/3/pr\
operties/kind/const",keyword:"const",params:{allowedValue:"focus"}};r===null?r=[Z]:r.push(Z),e++}var B=D===e}else var B=!0;
if(B){if(i.places!==void 0){let D=i.places;const Z=e,O=e;let z=!1,g=null;const q=e;if(D!==null){const ae={instancePath:s+
"/series/places",schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/0/type",keyword:"type",params:{type:"nu\
ll"}};r===null?r=[ae]:r.push(ae),e++}var se=q===e;se&&(z=!0,g=0);const X=e;if(e===X)if(Array.isArray(D))if(D.length>30){
const ae={instancePath:s+"/series/places",schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/1/maxItems",keyword:"\
maxItems",params:{limit:30}};r===null?r=[ae]:r.push(ae),e++}else{var J=!0;const ae=D.length;for(let pe=0;pe<ae;pe++){let ge=D[pe];
const be=e;if(e===be)if(typeof ge=="number"&&isFinite(ge)){if(ge>25||isNaN(ge)){const ke={instancePath:s+"/series/places\
/"+pe,schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/1/items/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:25}};r===null?r=[ke]:r.push(ke),e++}else if(ge<-1||isNaN(ge)){const ke={instancePath:s+"/series/places/"+pe,schemaPath:"\
#/properties/series/oneOf/3/properties/places/oneOf/1/items/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}};
r===null?r=[ke]:r.push(ke),e++}}else{const ke={instancePath:s+"/series/places/"+pe,schemaPath:"#/properties/series/oneOf\
/3/properties/places/oneOf/1/items/type",keyword:"type",params:{type:"number"}};r===null?r=[ke]:r.push(ke),e++}var J=be===
e;if(!J)break}}else{const ae={instancePath:s+"/series/places",schemaPath:"#/properties/series/oneOf/3/properties/places/\
oneOf/1/type",keyword:"type",params:{type:"array"}};r===null?r=[ae]:r.push(ae),e++}var se=X===e;if(se&&z?(z=!1,g=[g,1]):
se&&(z=!0,g=1),z)e=O,r!==null&&(O?r.length=O:r=null);else{const ae={instancePath:s+"/series/places",schemaPath:"#/proper\
ties/series/oneOf/3/properties/places/oneOf",keyword:"oneOf",params:{passingSchemas:g}};r===null?r=[ae]:r.push(ae),e++}var B=Z===
e}else var B=!0;if(B){if(i.nearDioptres!==void 0){let D=i.nearDioptres;const Z=e;if(e===Z)if(typeof D=="number"&&isFinite(
D)){if(D>25||isNaN(D)){const z={instancePath:s+"/series/nearDioptres",schemaPath:"#/properties/series/oneOf/3/properties\
/nearDioptres/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?r=[z]:r.push(z),e++}else if(D<-1||isNaN(
D)){const z={instancePath:s+"/series/nearDioptres",schemaPath:"#/properties/series/oneOf/3/properties/nearDioptres/minim\
um",keyword:"minimum",params:{comparison:">=",limit:-1}};r===null?r=[z]:r.push(z),e++}}else{const z={instancePath:s+"/se\
ries/nearDioptres",schemaPath:"#/properties/series/oneOf/3/properties/nearDioptres/type",keyword:"type",params:{type:"nu\
mber"}};r===null?r=[z]:r.push(z),e++}var B=Z===e}else var B=!0;if(B){if(i.farDioptres!==void 0){let D=i.farDioptres;const Z=e;
if(e===Z)if(typeof D=="number"&&isFinite(D)){if(D>25||isNaN(D)){const z={instancePath:s+"/series/farDioptres",schemaPath:"\
#/properties/series/oneOf/3/properties/farDioptres/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?
r=[z]:r.push(z),e++}else if(D<-1||isNaN(D)){const z={instancePath:s+"/series/farDioptres",schemaPath:"#/properties/serie\
s/oneOf/3/properties/farDioptres/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}};r===null?r=[z]:r.push(z),
e++}}else{const z={instancePath:s+"/series/farDioptres",schemaPath:"#/properties/series/oneOf/3/properties/farDioptres/t\
ype",keyword:"type",params:{type:"number"}};r===null?r=[z]:r.push(z),e++}var B=Z===e}else var B=!0;if(B)if(i.overlap!==void 0){
let D=i.overlap;const Z=e;if(e===Z)if(typeof D=="number"&&isFinite(D)){if(D>.8||isNaN(D)){const z={instancePath:s+"/seri\
es/overlap",schemaPath:"#/properties/series/oneOf/3/properties/overlap/maximum",keyword:"maximum",params:{comparison:"<=",
limit:.8}};r===null?r=[z]:r.push(z),e++}else if(D<0||isNaN(D)){const z={instancePath:s+"/series/overlap",schemaPath:"#/p\
roperties/series/oneOf/3/properties/overlap/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[z]:
r.push(z),e++}}else{const z={instancePath:s+"/series/overlap",schemaPath:"#/properties/series/oneOf/3/properties/overlap\
/type",keyword:"type",params:{type:"number"}};r===null?r=[z]:r.push(z),e++}var B=Z===e}else var B=!0}}}}}}else{const L={
instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/3/type",keyword:"type",params:{type:"object"}};r===null?r=
[L]:r.push(L),e++}var N=l===e;if(N&&k)k=!1,C=[C,3];else{N&&(k=!0,C=3);const L=e;if(e===L)if(i&&typeof i=="object"&&!Array.
isArray(i)){let D;if(i.kind===void 0&&(D="kind")||i.everyS===void 0&&(D="everyS")||i.frames===void 0&&(D="frames")||i.exposure===
void 0&&(D="exposure")||i.lightS===void 0&&(D="lightS")){const Z={instancePath:s+"/series",schemaPath:"#/properties/seri\
es/oneOf/4/required",keyword:"required",params:{missingProperty:D}};r===null?r=[Z]:r.push(Z),e++}else{const Z=e;for(const O in i)
if(!(O==="kind"||O==="everyS"||O==="frames"||O==="exposure"||O==="lightS")){const z={instancePath:s+"/series",schemaPath:"\
#/properties/series/oneOf/4/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:O}};r===null?
r=[z]:r.push(z),e++;break}if(Z===e){if(i.kind!==void 0){const O=e;if(i.kind!=="interval"){const z={instancePath:s+"/seri\
es/kind",schemaPath:"#/properties/series/oneOf/4/properties/kind/const",keyword:"const",params:{allowedValue:"interval"}};
r===null?r=[z]:r.push(z),e++}var I=O===e}else var I=!0;if(I){if(i.everyS!==void 0){let O=i.everyS;const z=e;if(!(typeof O==
"number"&&!(O%1)&&!isNaN(O)&&isFinite(O))){const q={instancePath:s+"/series/everyS",schemaPath:"#/properties/series/oneO\
f/4/properties/everyS/type",keyword:"type",params:{type:"integer"}};r===null?r=[q]:r.push(q),e++}if(e===z&&typeof O=="nu\
mber"&&isFinite(O)){if(O>3600||isNaN(O)){const q={instancePath:s+"/series/everyS",schemaPath:"#/properties/series/oneOf/\
4/properties/everyS/maximum",keyword:"maximum",params:{comparison:"<=",limit:3600}};r===null?r=[q]:r.push(q),e++}else if(O<
1||isNaN(O)){const q={instancePath:s+"/series/everyS",schemaPath:"#/properties/series/oneOf/4/properties/everyS/minimum",
keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[q]:r.push(q),e++}}var I=z===e}else var I=!0;if(I){if(i.frames!==
void 0){let O=i.frames;const z=e;if(!(typeof O=="number"&&!(O%1)&&!isNaN(O)&&isFinite(O))){const q={instancePath:s+"/ser\
ies/frames",schemaPath:"#/properties/series/oneOf/4/properties/frames/type",keyword:"type",params:{type:"integer"}};r===
null?r=[q]:r.push(q),e++}if(e===z&&typeof O=="number"&&isFinite(O)){if(O>999||isNaN(O)){const q={instancePath:s+"/series\
/frames",schemaPath:"#/properties/series/oneOf/4/properties/frames/maximum",keyword:"maximum",params:{comparison:"<=",limit:999}};
r===null?r=[q]:r.push(q),e++}else if(O<2||isNaN(O)){const q={instancePath:s+"/series/frames",schemaPath:"#/properties/se\
ries/oneOf/4/properties/frames/minimum",keyword:"minimum",params:{comparison:">=",limit:2}};r===null?r=[q]:r.push(q),e++}}
var I=z===e}else var I=!0;if(I){if(i.exposure!==void 0){let O=i.exposure;const z=e;if(!(O==="held"||O==="metered")){const q={
instancePath:s+"/series/exposure",schemaPath:"#/properties/series/oneOf/4/properties/exposure/enum",keyword:"enum",params:{
allowedValues:le.properties.series.oneOf[4].properties.exposure.enum}};r===null?r=[q]:r.push(q),e++}var I=z===e}else var I=!0;
if(I)if(i.lightS!==void 0){let O=i.lightS;const z=e;if(!(typeof O=="number"&&!(O%1)&&!isNaN(O)&&isFinite(O))){const q={instancePath:s+
"/series/lightS",schemaPath:"#/properties/series/oneOf/4/properties/lightS/type",keyword:"type",params:{type:"integer"}};
r===null?r=[q]:r.push(q),e++}if(e===z&&typeof O=="number"&&isFinite(O)){if(O>86400||isNaN(O)){const q={instancePath:s+"/\
series/lightS",schemaPath:"#/properties/series/oneOf/4/properties/lightS/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:86400}};r===null?r=[q]:r.push(q),e++}else if(O<0||isNaN(O)){const q={instancePath:s+"/series/lightS",schemaPath:"\
#/properties/series/oneOf/4/properties/lightS/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[q]:
r.push(q),e++}}var I=z===e}else var I=!0}}}}}}else{const D={instancePath:s+"/series",schemaPath:"#/properties/series/one\
Of/4/type",keyword:"type",params:{type:"object"}};r===null?r=[D]:r.push(D),e++}var N=L===e;if(N&&k)k=!1,C=[C,4];else{N&&
(k=!0,C=4);const D=e;if(e===D)if(i&&typeof i=="object"&&!Array.isArray(i)){let O;if(i.kind===void 0&&(O="kind")||i.totalS===
void 0&&(O="totalS")||i.gather===void 0&&(O="gather")){const z={instancePath:s+"/series",schemaPath:"#/properties/series\
/oneOf/5/required",keyword:"required",params:{missingProperty:O}};r===null?r=[z]:r.push(z),e++}else{const z=e;for(const g in i)
if(!(g==="kind"||g==="totalS"||g==="gather")){const q={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/5/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:g}};r===null?r=[q]:r.push(q),e++;break}if(z===
e){if(i.kind!==void 0){const g=e;if(i.kind!=="long"){const q={instancePath:s+"/series/kind",schemaPath:"#/properties/ser\
ies/oneOf/5/properties/kind/const",keyword:"const",params:{allowedValue:"long"}};r===null?r=[q]:r.push(q),e++}var re=g===
e}else var re=!0;if(re){if(i.totalS!==void 0){let g=i.totalS;const q=e;if(!(typeof g=="number"&&!(g%1)&&!isNaN(g)&&isFinite(
g))){const W={instancePath:s+"/series/totalS",schemaPath:"#/properties/series/oneOf/5/properties/totalS/type",keyword:"t\
ype",params:{type:"integer"}};r===null?r=[W]:r.push(W),e++}if(e===q&&typeof g=="number"&&isFinite(g)){if(g>7200||isNaN(g)){
const W={instancePath:s+"/series/totalS",schemaPath:"#/properties/series/oneOf/5/properties/totalS/maximum",keyword:"max\
imum",params:{comparison:"<=",limit:7200}};r===null?r=[W]:r.push(W),e++}else if(g<30||isNaN(g)){const W={instancePath:s+
"/series/totalS",schemaPath:"#/properties/series/oneOf/5/properties/totalS/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:30}};r===null?r=[W]:r.push(W),e++}}var re=q===e}else var re=!0;if(re)if(i.gather!==void 0){let g=i.gather;const q=e;
if(!(g==="mean"||g==="sum"||g==="brightest")){const W={instancePath:s+"/series/gather",schemaPath:"#/properties/series/o\
neOf/5/properties/gather/enum",keyword:"enum",params:{allowedValues:le.properties.series.oneOf[5].properties.gather.enum}};
r===null?r=[W]:r.push(W),e++}var re=q===e}else var re=!0}}}}else{const O={instancePath:s+"/series",schemaPath:"#/propert\
ies/series/oneOf/5/type",keyword:"type",params:{type:"object"}};r===null?r=[O]:r.push(O),e++}var N=D===e;N&&k?(k=!1,C=[C,
5]):N&&(k=!0,C=5)}}}}if(k)e=x,r!==null&&(x?r.length=x:r=null);else{const o={instancePath:s+"/series",schemaPath:"#/prope\
rties/series/oneOf",keyword:"oneOf",params:{passingSchemas:C}};return r===null?r=[o]:r.push(o),e++,U.errors=r,!1}var a=v===
e}else var a=!0;if(a)if(t.delayS!==void 0){let i=t.delayS;const v=e;if(!(i===0||i===2||i===3||i===10||i===20))return U.errors=
[{instancePath:s+"/delayS",schemaPath:"#/properties/delayS/enum",keyword:"enum",params:{allowedValues:le.properties.delayS.
enum}}],!1;var a=v===e}else var a=!0}}}}}}}}}}}}}}}}}}}}}}}}else return U.errors=[{instancePath:s,schemaPath:"#/type",keyword:"\
type",params:{type:"object"}}],!1;return U.errors=r,e===0}const Ce=E,ne={$id:"velmo/preferences/7",type:"object",properties:{
version:{const:7},compStepClicks:{enum:[1,1.5,3]},monitors:{type:"object",properties:{over:{enum:["any","red","green","b\
lue","off"]},overColour:{enum:["pink","white","black"]},under:{type:"boolean"},zebra:{oneOf:[{type:"null"},{type:"object",
properties:{on:{const:"raw"},clicksUnder:{type:"integer",minimum:0,maximum:9}},required:["on","clicksUnder"],additionalProperties:!1},
{type:"object",properties:{on:{const:"picture"},percent:{type:"integer",minimum:70,maximum:109}},required:["on","percent"],
additionalProperties:!1}]},toneClicks:{type:["integer","null"],minimum:-18,maximum:9},rawHistogram:{enum:["off","small",
"large"]},logHeight:{type:"boolean"},pictureHistogram:{type:"boolean"},allowedShare:{enum:[0,.001,.005,.02]},peaking:{enum:[
"focusing","always","off"]},peakingStrength:{enum:["low","medium","high"]},peakingColour:{enum:["violet","white","blue"]}},
required:["over","overColour","under","zebra","toneClicks","rawHistogram","logHeight","pictureHistogram","allowedShare",
"peaking","peakingStrength","peakingColour"],additionalProperties:!1},aids:{type:"object",properties:{grid:{enum:["third\
s","golden","diagonals","squares","cross","off"]},frame:{enum:["1:1","5:4","3:2","16:9","2:1","off"]},level:{type:"boole\
an"},caption:{type:"array",items:{enum:["exposure","light","focus","white","lens","tilt"]},uniqueItems:!0},strength:{enum:[
"faint","middle","strong"]}},required:["grid","frame","level","caption","strength"],additionalProperties:!1},screen:{type:"\
object",properties:{plate:{enum:["graphite","sunlight","night"]},type:{enum:["usual","large"]},awake:{type:"boolean"},hand:{
enum:["right","left"]},shutterSound:{type:"boolean"},haptics:{type:"boolean"}},required:["plate","type","awake","hand","\
shutterSound","haptics"],additionalProperties:!1},focusing:{type:"object",properties:{unit:{enum:["m","ft"]},loupeZoom:{
enum:[1,2]},loupeWithFocus:{type:"boolean"},beforeCapture:{type:"boolean"}},required:["unit","loupeZoom","loupeWithFocus",
"beforeCapture"],additionalProperties:!1},delaySound:{type:"boolean"},lightAhead:{enum:["fitting","always","never"]},naming:{
type:"object",properties:{pattern:{type:"string",maxLength:80},count:{type:"integer",minimum:1,maximum:1e9}},required:["\
pattern","count"],additionalProperties:!1}},required:["version","compStepClicks","monitors","aids","screen","focusing","\
naming","delaySound","lightAhead"],additionalProperties:!1},Oe=require("ajv/dist/runtime/equal").default,oe=require("ajv/dist/runtime/ucs2length").
default;function E(t,{instancePath:s="",parentData:ye,parentDataProperty:he,rootData:de=t}={}){let r=null,e=0;if(e===0)if(t&&
typeof t=="object"&&!Array.isArray(t)){let P;if(t.version===void 0&&(P="version")||t.compStepClicks===void 0&&(P="compSt\
epClicks")||t.monitors===void 0&&(P="monitors")||t.aids===void 0&&(P="aids")||t.screen===void 0&&(P="screen")||t.focusing===
void 0&&(P="focusing")||t.naming===void 0&&(P="naming")||t.delaySound===void 0&&(P="delaySound")||t.lightAhead===void 0&&
(P="lightAhead"))return E.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",params:{missingProperty:P}}],
!1;{const G=e;for(const m in t)if(!we.call(ne.properties,m)){return E.errors=[{instancePath:s,schemaPath:"#/additionalPr\
operties",keyword:"additionalProperties",params:{additionalProperty:m}}],!1;break}if(G===e){if(t.version!==void 0){const m=e;
if(t.version!==7)return E.errors=[{instancePath:s+"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{
allowedValue:7}}],!1;var a=m===e}else var a=!0;if(a){if(t.compStepClicks!==void 0){let m=t.compStepClicks;const d=e;if(!(m===
1||m===1.5||m===3))return E.errors=[{instancePath:s+"/compStepClicks",schemaPath:"#/properties/compStepClicks/enum",keyword:"\
enum",params:{allowedValues:ne.properties.compStepClicks.enum}}],!1;var a=d===e}else var a=!0;if(a){if(t.monitors!==void 0){
let m=t.monitors;const d=e;if(e===d)if(m&&typeof m=="object"&&!Array.isArray(m)){let u;if(m.over===void 0&&(u="over")||m.
overColour===void 0&&(u="overColour")||m.under===void 0&&(u="under")||m.zebra===void 0&&(u="zebra")||m.toneClicks===void 0&&
(u="toneClicks")||m.rawHistogram===void 0&&(u="rawHistogram")||m.logHeight===void 0&&(u="logHeight")||m.pictureHistogram===
void 0&&(u="pictureHistogram")||m.allowedShare===void 0&&(u="allowedShare")||m.peaking===void 0&&(u="peaking")||m.peakingStrength===
void 0&&(u="peakingStrength")||m.peakingColour===void 0&&(u="peakingColour"))return E.errors=[{instancePath:s+"/monitors",
schemaPath:"#/properties/monitors/required",keyword:"required",params:{missingProperty:u}}],!1;{const V=e;for(const p in m)
if(!we.call(ne.properties.monitors.properties,p)){return E.errors=[{instancePath:s+"/monitors",schemaPath:"#/properties/\
monitors/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:p}}],!1;break}if(V===e){if(m.over!==
void 0){let p=m.over;const N=e;if(!(p==="any"||p==="red"||p==="green"||p==="blue"||p==="off"))return E.errors=[{instancePath:s+
"/monitors/over",schemaPath:"#/properties/monitors/properties/over/enum",keyword:"enum",params:{allowedValues:ne.properties.
monitors.properties.over.enum}}],!1;var S=N===e}else var S=!0;if(S){if(m.overColour!==void 0){let p=m.overColour;const N=e;
if(!(p==="pink"||p==="white"||p==="black"))return E.errors=[{instancePath:s+"/monitors/overColour",schemaPath:"#/propert\
ies/monitors/properties/overColour/enum",keyword:"enum",params:{allowedValues:ne.properties.monitors.properties.overColour.
enum}}],!1;var S=N===e}else var S=!0;if(S){if(m.under!==void 0){const p=e;if(typeof m.under!="boolean")return E.errors=[
{instancePath:s+"/monitors/under",schemaPath:"#/properties/monitors/properties/under/type",keyword:"type",params:{type:"\
boolean"}}],!1;var S=p===e}else var S=!0;if(S){if(m.zebra!==void 0){let p=m.zebra;const N=e,T=e;let B=!1,J=null;const se=e;
if(p!==null){const n={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/0/type",
keyword:"type",params:{type:"null"}};r===null?r=[n]:r.push(n),e++}var F=se===e;F&&(B=!0,J=0);const I=e;if(e===I)if(p&&typeof p==
"object"&&!Array.isArray(p)){let n;if(p.on===void 0&&(n="on")||p.clicksUnder===void 0&&(n="clicksUnder")){const j={instancePath:s+
"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/required",keyword:"required",params:{missingProperty:n}};
r===null?r=[j]:r.push(j),e++}else{const j=e;for(const i in p)if(!(i==="on"||i==="clicksUnder")){const v={instancePath:s+
"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/additionalProperties",keyword:"additionalPr\
operties",params:{additionalProperty:i}};r===null?r=[v]:r.push(v),e++;break}if(j===e){if(p.on!==void 0){const i=e;if(p.on!==
"raw"){const v={instancePath:s+"/monitors/zebra/on",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/propertie\
s/on/const",keyword:"const",params:{allowedValue:"raw"}};r===null?r=[v]:r.push(v),e++}var A=i===e}else var A=!0;if(A)if(p.
clicksUnder!==void 0){let i=p.clicksUnder;const v=e;if(!(typeof i=="number"&&!(i%1)&&!isNaN(i)&&isFinite(i))){const k={instancePath:s+
"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/properties/clicksUnder/type",keyword:"\
type",params:{type:"integer"}};r===null?r=[k]:r.push(k),e++}if(e===v&&typeof i=="number"&&isFinite(i)){if(i>9||isNaN(i)){
const k={instancePath:s+"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/propert\
ies/clicksUnder/maximum",keyword:"maximum",params:{comparison:"<=",limit:9}};r===null?r=[k]:r.push(k),e++}else if(i<0||isNaN(
i)){const k={instancePath:s+"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/pro\
perties/clicksUnder/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[k]:r.push(k),e++}}var A=v===
e}else var A=!0}}}else{const n={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneO\
f/1/type",keyword:"type",params:{type:"object"}};r===null?r=[n]:r.push(n),e++}var F=I===e;if(F&&B)B=!1,J=[J,1];else{F&&(B=
!0,J=1);const n=e;if(e===n)if(p&&typeof p=="object"&&!Array.isArray(p)){let i;if(p.on===void 0&&(i="on")||p.percent===void 0&&
(i="percent")){const v={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/requ\
ired",keyword:"required",params:{missingProperty:i}};r===null?r=[v]:r.push(v),e++}else{const v=e;for(const x in p)if(!(x===
"on"||x==="percent")){const k={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf\
/2/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:x}};r===null?r=[k]:r.push(k),e++;break}
if(v===e){if(p.on!==void 0){const x=e;if(p.on!=="picture"){const k={instancePath:s+"/monitors/zebra/on",schemaPath:"#/pr\
operties/monitors/properties/zebra/oneOf/2/properties/on/const",keyword:"const",params:{allowedValue:"picture"}};r===null?
r=[k]:r.push(k),e++}var K=x===e}else var K=!0;if(K)if(p.percent!==void 0){let x=p.percent;const k=e;if(!(typeof x=="numb\
er"&&!(x%1)&&!isNaN(x)&&isFinite(x))){const Q={instancePath:s+"/monitors/zebra/percent",schemaPath:"#/properties/monitor\
s/properties/zebra/oneOf/2/properties/percent/type",keyword:"type",params:{type:"integer"}};r===null?r=[Q]:r.push(Q),e++}
if(e===k&&typeof x=="number"&&isFinite(x)){if(x>109||isNaN(x)){const Q={instancePath:s+"/monitors/zebra/percent",schemaPath:"\
#/properties/monitors/properties/zebra/oneOf/2/properties/percent/maximum",keyword:"maximum",params:{comparison:"<=",limit:109}};
r===null?r=[Q]:r.push(Q),e++}else if(x<70||isNaN(x)){const Q={instancePath:s+"/monitors/zebra/percent",schemaPath:"#/pro\
perties/monitors/properties/zebra/oneOf/2/properties/percent/minimum",keyword:"minimum",params:{comparison:">=",limit:70}};
r===null?r=[Q]:r.push(Q),e++}}var K=k===e}else var K=!0}}}else{const i={instancePath:s+"/monitors/zebra",schemaPath:"#/p\
roperties/monitors/properties/zebra/oneOf/2/type",keyword:"type",params:{type:"object"}};r===null?r=[i]:r.push(i),e++}var F=n===
e;F&&B?(B=!1,J=[J,2]):F&&(B=!0,J=2)}if(B)e=T,r!==null&&(T?r.length=T:r=null);else{const n={instancePath:s+"/monitors/zeb\
ra",schemaPath:"#/properties/monitors/properties/zebra/oneOf",keyword:"oneOf",params:{passingSchemas:J}};return r===null?
r=[n]:r.push(n),e++,E.errors=r,!1}var S=N===e}else var S=!0;if(S){if(m.toneClicks!==void 0){let p=m.toneClicks;const N=e;
if(!(typeof p=="number"&&!(p%1)&&!isNaN(p)&&isFinite(p))&&p!==null)return E.errors=[{instancePath:s+"/monitors/toneClick\
s",schemaPath:"#/properties/monitors/properties/toneClicks/type",keyword:"type",params:{type:ne.properties.monitors.properties.
toneClicks.type}}],!1;if(e===N&&typeof p=="number"&&isFinite(p)){if(p>9||isNaN(p))return E.errors=[{instancePath:s+"/mon\
itors/toneClicks",schemaPath:"#/properties/monitors/properties/toneClicks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:9}}],!1;if(p<-18||isNaN(p))return E.errors=[{instancePath:s+"/monitors/toneClicks",schemaPath:"#/properties/mo\
nitors/properties/toneClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1}var S=N===e}else var S=!0;
if(S){if(m.rawHistogram!==void 0){let p=m.rawHistogram;const N=e;if(!(p==="off"||p==="small"||p==="large"))return E.errors=
[{instancePath:s+"/monitors/rawHistogram",schemaPath:"#/properties/monitors/properties/rawHistogram/enum",keyword:"enum",
params:{allowedValues:ne.properties.monitors.properties.rawHistogram.enum}}],!1;var S=N===e}else var S=!0;if(S){if(m.logHeight!==
void 0){const p=e;if(typeof m.logHeight!="boolean")return E.errors=[{instancePath:s+"/monitors/logHeight",schemaPath:"#/\
properties/monitors/properties/logHeight/type",keyword:"type",params:{type:"boolean"}}],!1;var S=p===e}else var S=!0;if(S){
if(m.pictureHistogram!==void 0){const p=e;if(typeof m.pictureHistogram!="boolean")return E.errors=[{instancePath:s+"/mon\
itors/pictureHistogram",schemaPath:"#/properties/monitors/properties/pictureHistogram/type",keyword:"type",params:{type:"\
boolean"}}],!1;var S=p===e}else var S=!0;if(S){if(m.allowedShare!==void 0){let p=m.allowedShare;const N=e;if(!(p===0||p===
.001||p===.005||p===.02))return E.errors=[{instancePath:s+"/monitors/allowedShare",schemaPath:"#/properties/monitors/pro\
perties/allowedShare/enum",keyword:"enum",params:{allowedValues:ne.properties.monitors.properties.allowedShare.enum}}],!1;
var S=N===e}else var S=!0;if(S){if(m.peaking!==void 0){let p=m.peaking;const N=e;if(!(p==="focusing"||p==="always"||p===
"off"))return E.errors=[{instancePath:s+"/monitors/peaking",schemaPath:"#/properties/monitors/properties/peaking/enum",keyword:"\
enum",params:{allowedValues:ne.properties.monitors.properties.peaking.enum}}],!1;var S=N===e}else var S=!0;if(S){if(m.peakingStrength!==
void 0){let p=m.peakingStrength;const N=e;if(!(p==="low"||p==="medium"||p==="high"))return E.errors=[{instancePath:s+"/m\
onitors/peakingStrength",schemaPath:"#/properties/monitors/properties/peakingStrength/enum",keyword:"enum",params:{allowedValues:ne.
properties.monitors.properties.peakingStrength.enum}}],!1;var S=N===e}else var S=!0;if(S)if(m.peakingColour!==void 0){let p=m.
peakingColour;const N=e;if(!(p==="violet"||p==="white"||p==="blue"))return E.errors=[{instancePath:s+"/monitors/peakingC\
olour",schemaPath:"#/properties/monitors/properties/peakingColour/enum",keyword:"enum",params:{allowedValues:ne.properties.
monitors.properties.peakingColour.enum}}],!1;var S=N===e}else var S=!0}}}}}}}}}}}}}else return E.errors=[{instancePath:s+
"/monitors",schemaPath:"#/properties/monitors/type",keyword:"type",params:{type:"object"}}],!1;var a=d===e}else var a=!0;
if(a){if(t.aids!==void 0){let m=t.aids;const d=e;if(e===d)if(m&&typeof m=="object"&&!Array.isArray(m)){let u;if(m.grid===
void 0&&(u="grid")||m.frame===void 0&&(u="frame")||m.level===void 0&&(u="level")||m.caption===void 0&&(u="caption")||m.strength===
void 0&&(u="strength"))return E.errors=[{instancePath:s+"/aids",schemaPath:"#/properties/aids/required",keyword:"require\
d",params:{missingProperty:u}}],!1;{const V=e;for(const p in m)if(!(p==="grid"||p==="frame"||p==="level"||p==="caption"||
p==="strength")){return E.errors=[{instancePath:s+"/aids",schemaPath:"#/properties/aids/additionalProperties",keyword:"a\
dditionalProperties",params:{additionalProperty:p}}],!1;break}if(V===e){if(m.grid!==void 0){let p=m.grid;const N=e;if(!(p===
"thirds"||p==="golden"||p==="diagonals"||p==="squares"||p==="cross"||p==="off"))return E.errors=[{instancePath:s+"/aids/\
grid",schemaPath:"#/properties/aids/properties/grid/enum",keyword:"enum",params:{allowedValues:ne.properties.aids.properties.
grid.enum}}],!1;var b=N===e}else var b=!0;if(b){if(m.frame!==void 0){let p=m.frame;const N=e;if(!(p==="1:1"||p==="5:4"||
p==="3:2"||p==="16:9"||p==="2:1"||p==="off"))return E.errors=[{instancePath:s+"/aids/frame",schemaPath:"#/properties/aid\
s/properties/frame/enum",keyword:"enum",params:{allowedValues:ne.properties.aids.properties.frame.enum}}],!1;var b=N===e}else
var b=!0;if(b){if(m.level!==void 0){const p=e;if(typeof m.level!="boolean")return E.errors=[{instancePath:s+"/aids/level",
schemaPath:"#/properties/aids/properties/level/type",keyword:"type",params:{type:"boolean"}}],!1;var b=p===e}else var b=!0;
if(b){if(m.caption!==void 0){let p=m.caption;const N=e;if(e===N)if(Array.isArray(p)){var _=!0;const B=p.length;for(let J=0;J<
B;J++){let se=p[J];const I=e;if(!(se==="exposure"||se==="light"||se==="focus"||se==="white"||se==="lens"||se==="tilt"))return E.
errors=[{instancePath:s+"/aids/caption/"+J,schemaPath:"#/properties/aids/properties/caption/items/enum",keyword:"enum",params:{
allowedValues:ne.properties.aids.properties.caption.items.enum}}],!1;var _=I===e;if(!_)break}if(_){let J=p.length,se;if(J>
1){e:for(;J--;)for(se=J;se--;)if(Oe(p[J],p[se])){return E.errors=[{instancePath:s+"/aids/caption",schemaPath:"#/properti\
es/aids/properties/caption/uniqueItems",keyword:"uniqueItems",params:{i:J,j:se}}],!1;break e}}}}else return E.errors=[{instancePath:s+
"/aids/caption",schemaPath:"#/properties/aids/properties/caption/type",keyword:"type",params:{type:"array"}}],!1;var b=N===
e}else var b=!0;if(b)if(m.strength!==void 0){let p=m.strength;const N=e;if(!(p==="faint"||p==="middle"||p==="strong"))return E.
errors=[{instancePath:s+"/aids/strength",schemaPath:"#/properties/aids/properties/strength/enum",keyword:"enum",params:{
allowedValues:ne.properties.aids.properties.strength.enum}}],!1;var b=N===e}else var b=!0}}}}}}else return E.errors=[{instancePath:s+
"/aids",schemaPath:"#/properties/aids/type",keyword:"type",params:{type:"object"}}],!1;var a=d===e}else var a=!0;if(a){if(t.
screen!==void 0){let m=t.screen;const d=e;if(e===d)if(m&&typeof m=="object"&&!Array.isArray(m)){let u;if(m.plate===void 0&&
(u="plate")||m.type===void 0&&(u="type")||m.awake===void 0&&(u="awake")||m.hand===void 0&&(u="hand")||m.shutterSound===void 0&&
(u="shutterSound")||m.haptics===void 0&&(u="haptics"))return E.errors=[{instancePath:s+"/screen",schemaPath:"#/propertie\
s/screen/required",keyword:"required",params:{missingProperty:u}}],!1;{const V=e;for(const p in m)if(!(p==="plate"||p===
"type"||p==="awake"||p==="hand"||p==="shutterSound"||p==="haptics")){return E.errors=[{instancePath:s+"/screen",schemaPath:"\
#/properties/screen/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:p}}],!1;break}if(V===
e){if(m.plate!==void 0){let p=m.plate;const N=e;if(!(p==="graphite"||p==="sunlight"||p==="night"))return E.errors=[{instancePath:s+
"/screen/plate",schemaPath:"#/properties/screen/properties/plate/enum",keyword:"enum",params:{allowedValues:ne.properties.
screen.properties.plate.enum}}],!1;var R=N===e}else var R=!0;if(R){if(m.type!==void 0){let p=m.type;const N=e;if(!(p==="\
usual"||p==="large"))return E.errors=[{instancePath:s+"/screen/type",schemaPath:"#/properties/screen/properties/type/enu\
m",keyword:"enum",params:{allowedValues:ne.properties.screen.properties.type.enum}}],!1;var R=N===e}else var R=!0;if(R){
if(m.awake!==void 0){const p=e;if(typeof m.awake!="boolean")return E.errors=[{instancePath:s+"/screen/awake",schemaPath:"\
#/properties/screen/properties/awake/type",keyword:"type",params:{type:"boolean"}}],!1;var R=p===e}else var R=!0;if(R){if(m.
hand!==void 0){let p=m.hand;const N=e;if(!(p==="right"||p==="left"))return E.errors=[{instancePath:s+"/screen/hand",schemaPath:"\
#/properties/screen/properties/hand/enum",keyword:"enum",params:{allowedValues:ne.properties.screen.properties.hand.enum}}],
!1;var R=N===e}else var R=!0;if(R){if(m.shutterSound!==void 0){const p=e;if(typeof m.shutterSound!="boolean")return E.errors=
[{instancePath:s+"/screen/shutterSound",schemaPath:"#/properties/screen/properties/shutterSound/type",keyword:"type",params:{
type:"boolean"}}],!1;var R=p===e}else var R=!0;if(R)if(m.haptics!==void 0){const p=e;if(typeof m.haptics!="boolean")return E.
errors=[{instancePath:s+"/screen/haptics",schemaPath:"#/properties/screen/properties/haptics/type",keyword:"type",params:{
type:"boolean"}}],!1;var R=p===e}else var R=!0}}}}}}}else return E.errors=[{instancePath:s+"/screen",schemaPath:"#/prope\
rties/screen/type",keyword:"type",params:{type:"object"}}],!1;var a=d===e}else var a=!0;if(a){if(t.focusing!==void 0){let m=t.
focusing;const d=e;if(e===d)if(m&&typeof m=="object"&&!Array.isArray(m)){let u;if(m.unit===void 0&&(u="unit")||m.loupeZoom===
void 0&&(u="loupeZoom")||m.loupeWithFocus===void 0&&(u="loupeWithFocus")||m.beforeCapture===void 0&&(u="beforeCapture"))
return E.errors=[{instancePath:s+"/focusing",schemaPath:"#/properties/focusing/required",keyword:"required",params:{missingProperty:u}}],
!1;{const V=e;for(const p in m)if(!(p==="unit"||p==="loupeZoom"||p==="loupeWithFocus"||p==="beforeCapture")){return E.errors=
[{instancePath:s+"/focusing",schemaPath:"#/properties/focusing/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:p}}],!1;break}if(V===e){if(m.unit!==void 0){let p=m.unit;const N=e;if(!(p==="m"||p==="ft"))return E.errors=
[{instancePath:s+"/focusing/unit",schemaPath:"#/properties/focusing/properties/unit/enum",keyword:"enum",params:{allowedValues:ne.
properties.focusing.properties.unit.enum}}],!1;var w=N===e}else var w=!0;if(w){if(m.loupeZoom!==void 0){let p=m.loupeZoom;
const N=e;if(!(p===1||p===2))return E.errors=[{instancePath:s+"/focusing/loupeZoom",schemaPath:"#/properties/focusing/pr\
operties/loupeZoom/enum",keyword:"enum",params:{allowedValues:ne.properties.focusing.properties.loupeZoom.enum}}],!1;var w=N===
e}else var w=!0;if(w){if(m.loupeWithFocus!==void 0){const p=e;if(typeof m.loupeWithFocus!="boolean")return E.errors=[{instancePath:s+
"/focusing/loupeWithFocus",schemaPath:"#/properties/focusing/properties/loupeWithFocus/type",keyword:"type",params:{type:"\
boolean"}}],!1;var w=p===e}else var w=!0;if(w)if(m.beforeCapture!==void 0){const p=e;if(typeof m.beforeCapture!="boolean")
return E.errors=[{instancePath:s+"/focusing/beforeCapture",schemaPath:"#/properties/focusing/properties/beforeCapture/ty\
pe",keyword:"type",params:{type:"boolean"}}],!1;var w=p===e}else var w=!0}}}}}else return E.errors=[{instancePath:s+"/fo\
cusing",schemaPath:"#/properties/focusing/type",keyword:"type",params:{type:"object"}}],!1;var a=d===e}else var a=!0;if(a){
if(t.delaySound!==void 0){const m=e;if(typeof t.delaySound!="boolean")return E.errors=[{instancePath:s+"/delaySound",schemaPath:"\
#/properties/delaySound/type",keyword:"type",params:{type:"boolean"}}],!1;var a=m===e}else var a=!0;if(a){if(t.lightAhead!==
void 0){let m=t.lightAhead;const d=e;if(!(m==="fitting"||m==="always"||m==="never"))return E.errors=[{instancePath:s+"/l\
ightAhead",schemaPath:"#/properties/lightAhead/enum",keyword:"enum",params:{allowedValues:ne.properties.lightAhead.enum}}],
!1;var a=d===e}else var a=!0;if(a)if(t.naming!==void 0){let m=t.naming;const d=e;if(e===d)if(m&&typeof m=="object"&&!Array.
isArray(m)){let u;if(m.pattern===void 0&&(u="pattern")||m.count===void 0&&(u="count"))return E.errors=[{instancePath:s+"\
/naming",schemaPath:"#/properties/naming/required",keyword:"required",params:{missingProperty:u}}],!1;{const V=e;for(const p in m)
if(!(p==="pattern"||p==="count")){return E.errors=[{instancePath:s+"/naming",schemaPath:"#/properties/naming/additionalP\
roperties",keyword:"additionalProperties",params:{additionalProperty:p}}],!1;break}if(V===e){if(m.pattern!==void 0){let p=m.
pattern;const N=e;if(e===N)if(typeof p=="string"){if(oe(p)>80)return E.errors=[{instancePath:s+"/naming/pattern",schemaPath:"\
#/properties/naming/properties/pattern/maxLength",keyword:"maxLength",params:{limit:80}}],!1}else return E.errors=[{instancePath:s+
"/naming/pattern",schemaPath:"#/properties/naming/properties/pattern/type",keyword:"type",params:{type:"string"}}],!1;var M=N===
e}else var M=!0;if(M)if(m.count!==void 0){let p=m.count;const N=e;if(!(typeof p=="number"&&!(p%1)&&!isNaN(p)&&isFinite(p)))
return E.errors=[{instancePath:s+"/naming/count",schemaPath:"#/properties/naming/properties/count/type",keyword:"type",params:{
type:"integer"}}],!1;if(e===N&&typeof p=="number"&&isFinite(p)){if(p>1e9||isNaN(p))return E.errors=[{instancePath:s+"/na\
ming/count",schemaPath:"#/properties/naming/properties/count/maximum",keyword:"maximum",params:{comparison:"<=",limit:1e9}}],
!1;if(p<1||isNaN(p))return E.errors=[{instancePath:s+"/naming/count",schemaPath:"#/properties/naming/properties/count/mi\
nimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var M=N===e}else var M=!0}}}else return E.errors=[{instancePath:s+
"/naming",schemaPath:"#/properties/naming/type",keyword:"type",params:{type:"object"}}],!1;var a=d===e}else var a=!0}}}}}}}}}}else
return E.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return E.errors=r,e===0}
const Le=$,ue={$id:"velmo/frame/2",type:"object",properties:{version:{const:2},id:{type:"string",pattern:"^[a-z0-9-]{8,6\
4}$"},capturedAt:{type:"number",minimum:0},camera:{enum:["simulated","browser","file"]},place:{type:"string",maxLength:200},
origin:{enum:["raw","video-frame","photo","photo-remade","average","opened","combined"]},timeS:{type:["number","null"]},
iso:{type:["number","null"]},compClicks:{type:["number","null"]},lens:{type:["string","null"],maxLength:64},focusDioptres:{
type:["number","null"]},white:{oneOf:[{type:"null"},{type:"object",properties:{kelvin:{type:"number"},tint:{type:"number"}},
required:["kelvin","tint"],additionalProperties:!1}]},clippedShare:{oneOf:[{type:"null"},{type:"array",minItems:3,maxItems:3,
items:{type:"number",minimum:0,maximum:1}}]},width:{type:"integer",minimum:0},height:{type:"integer",minimum:0},average:{
oneOf:[{type:"null"},{type:"object",properties:{frames:{type:"integer",minimum:1},timesLess:{type:["number","null"]}},required:[
"frames","timesLess"],additionalProperties:!1}]},roll:{type:"string",maxLength:200},stem:{type:"string",minLength:1,maxLength:160},
series:{oneOf:[{type:"null"},{type:"object",properties:{id:{type:"string",maxLength:64},kind:{enum:["single","bracket","\
burst","focus","interval","long"]},step:{type:"integer",minimum:0},count:{type:"integer",minimum:1}},required:["id","kin\
d","step","count"],additionalProperties:!1}]},files:{type:"array",minItems:1,maxItems:8,items:{type:"object",properties:{
kind:{enum:["dng","jpeg","tiff","png","webp","avif","heic","raw"]},name:{type:"string",minLength:1,maxLength:160},bytes:{
type:"integer",minimum:1},chunks:{type:"integer",minimum:1,maximum:4096}},required:["kind","name","bytes","chunks"],additionalProperties:!1}},
longestHandheldS:{type:["number","null"]},focusedAt:{oneOf:[{type:"null"},{type:"object",properties:{x:{type:"number",minimum:0,
maximum:1},y:{type:"number",minimum:0,maximum:1}},required:["x","y"],additionalProperties:!1}]},combined:{oneOf:[{type:"\
null"},{type:"object",properties:{sources:{type:"array",minItems:2,maxItems:5e3,items:{type:"string",maxLength:64}},way:{
enum:["merge","fuse","focus","average","median","brightest","stars","sum"]},moved:{type:"array",maxItems:5e3,items:{type:"\
object",properties:{x:{type:"number",minimum:0,maximum:1},y:{type:"number",minimum:0,maximum:1},frame:{type:"integer"}},
required:["x","y","frame"],additionalProperties:!1}},painted:{type:"array",maxItems:2e4,items:{type:"object",properties:{
x:{type:"number"},y:{type:"number"},radius:{type:"number",minimum:0,maximum:1},frame:{type:"integer"}},required:["x","y",
"radius","frame"],additionalProperties:!1}},finish:{oneOf:[{type:"null"},{type:"object",properties:{brightness:{type:"nu\
mber"},range:{type:"number"},detail:{type:"number"}},required:["brightness","range","detail"],additionalProperties:!1}]},
floating:{type:"boolean"}},required:["sources","way","moved","finish","floating"],additionalProperties:!1}]},words:{type:"\
object",properties:{source:{type:"string",maxLength:200},summary:{type:"string",maxLength:200}},required:["source","summ\
ary"],additionalProperties:!1}},required:["version","id","capturedAt","camera","place","origin","timeS","iso","compClick\
s","lens","focusDioptres","white","clippedShare","width","height","average","roll","stem","series","files"],additionalProperties:!1},
xe=new RegExp("^[a-z0-9-]{8,64}$","u");function $(t,{instancePath:s="",parentData:ye,parentDataProperty:he,rootData:de=t}={}){
let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(t)){let I;if(t.version===void 0&&(I="version")||t.id===
void 0&&(I="id")||t.capturedAt===void 0&&(I="capturedAt")||t.camera===void 0&&(I="camera")||t.place===void 0&&(I="place")||
t.origin===void 0&&(I="origin")||t.timeS===void 0&&(I="timeS")||t.iso===void 0&&(I="iso")||t.compClicks===void 0&&(I="co\
mpClicks")||t.lens===void 0&&(I="lens")||t.focusDioptres===void 0&&(I="focusDioptres")||t.white===void 0&&(I="white")||t.
clippedShare===void 0&&(I="clippedShare")||t.width===void 0&&(I="width")||t.height===void 0&&(I="height")||t.average===void 0&&
(I="average")||t.roll===void 0&&(I="roll")||t.stem===void 0&&(I="stem")||t.series===void 0&&(I="series")||t.files===void 0&&
(I="files"))return $.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",params:{missingProperty:I}}],!1;
{const re=e;for(const n in t)if(!we.call(ue.properties,n)){return $.errors=[{instancePath:s,schemaPath:"#/additionalProp\
erties",keyword:"additionalProperties",params:{additionalProperty:n}}],!1;break}if(re===e){if(t.version!==void 0){const n=e;
if(t.version!==2)return $.errors=[{instancePath:s+"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{
allowedValue:2}}],!1;var a=n===e}else var a=!0;if(a){if(t.id!==void 0){let n=t.id;const j=e;if(e===j)if(typeof n=="strin\
g"){if(!xe.test(n))return $.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{
pattern:"^[a-z0-9-]{8,64}$"}}],!1}else return $.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/type",keyword:"\
type",params:{type:"string"}}],!1;var a=j===e}else var a=!0;if(a){if(t.capturedAt!==void 0){let n=t.capturedAt;const j=e;
if(e===j)if(typeof n=="number"&&isFinite(n)){if(n<0||isNaN(n))return $.errors=[{instancePath:s+"/capturedAt",schemaPath:"\
#/properties/capturedAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return $.errors=[{instancePath:s+
"/capturedAt",schemaPath:"#/properties/capturedAt/type",keyword:"type",params:{type:"number"}}],!1;var a=j===e}else var a=!0;
if(a){if(t.camera!==void 0){let n=t.camera;const j=e;if(!(n==="simulated"||n==="browser"||n==="file"))return $.errors=[{
instancePath:s+"/camera",schemaPath:"#/properties/camera/enum",keyword:"enum",params:{allowedValues:ue.properties.camera.
enum}}],!1;var a=j===e}else var a=!0;if(a){if(t.place!==void 0){let n=t.place;const j=e;if(e===j)if(typeof n=="string"){
if(oe(n)>200)return $.errors=[{instancePath:s+"/place",schemaPath:"#/properties/place/maxLength",keyword:"maxLength",params:{
limit:200}}],!1}else return $.errors=[{instancePath:s+"/place",schemaPath:"#/properties/place/type",keyword:"type",params:{
type:"string"}}],!1;var a=j===e}else var a=!0;if(a){if(t.origin!==void 0){let n=t.origin;const j=e;if(!(n==="raw"||n==="\
video-frame"||n==="photo"||n==="photo-remade"||n==="average"||n==="opened"||n==="combined"))return $.errors=[{instancePath:s+
"/origin",schemaPath:"#/properties/origin/enum",keyword:"enum",params:{allowedValues:ue.properties.origin.enum}}],!1;var a=j===
e}else var a=!0;if(a){if(t.timeS!==void 0){let n=t.timeS;const j=e;if(!(typeof n=="number"&&isFinite(n))&&n!==null)return $.
errors=[{instancePath:s+"/timeS",schemaPath:"#/properties/timeS/type",keyword:"type",params:{type:ue.properties.timeS.type}}],
!1;var a=j===e}else var a=!0;if(a){if(t.iso!==void 0){let n=t.iso;const j=e;if(!(typeof n=="number"&&isFinite(n))&&n!==null)
return $.errors=[{instancePath:s+"/iso",schemaPath:"#/properties/iso/type",keyword:"type",params:{type:ue.properties.iso.
type}}],!1;var a=j===e}else var a=!0;if(a){if(t.compClicks!==void 0){let n=t.compClicks;const j=e;if(!(typeof n=="number"&&
isFinite(n))&&n!==null)return $.errors=[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/type",keyword:"\
type",params:{type:ue.properties.compClicks.type}}],!1;var a=j===e}else var a=!0;if(a){if(t.lens!==void 0){let n=t.lens;
const j=e;if(typeof n!="string"&&n!==null)return $.errors=[{instancePath:s+"/lens",schemaPath:"#/properties/lens/type",keyword:"\
type",params:{type:ue.properties.lens.type}}],!1;if(e===j&&typeof n=="string"&&oe(n)>64)return $.errors=[{instancePath:s+
"/lens",schemaPath:"#/properties/lens/maxLength",keyword:"maxLength",params:{limit:64}}],!1;var a=j===e}else var a=!0;if(a){
if(t.focusDioptres!==void 0){let n=t.focusDioptres;const j=e;if(!(typeof n=="number"&&isFinite(n))&&n!==null)return $.errors=
[{instancePath:s+"/focusDioptres",schemaPath:"#/properties/focusDioptres/type",keyword:"type",params:{type:ue.properties.
focusDioptres.type}}],!1;var a=j===e}else var a=!0;if(a){if(t.white!==void 0){let n=t.white;const j=e,i=e;let v=!1,x=null;
const k=e;if(n!==null){const h={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/0/type",keyword:"type",params:{
type:"null"}};r===null?r=[h]:r.push(h),e++}var A=k===e;A&&(v=!0,x=0);const C=e;if(e===C)if(n&&typeof n=="object"&&!Array.
isArray(n)){let h;if(n.kelvin===void 0&&(h="kelvin")||n.tint===void 0&&(h="tint")){const Y={instancePath:s+"/white",schemaPath:"\
#/properties/white/oneOf/1/required",keyword:"required",params:{missingProperty:h}};r===null?r=[Y]:r.push(Y),e++}else{const Y=e;
for(const o in n)if(!(o==="kelvin"||o==="tint")){const y={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/1\
/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:o}};r===null?r=[y]:r.push(y),e++;break}
if(Y===e){if(n.kelvin!==void 0){let o=n.kelvin;const y=e;if(!(typeof o=="number"&&isFinite(o))){const l={instancePath:s+
"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===
null?r=[l]:r.push(l),e++}var S=y===e}else var S=!0;if(S)if(n.tint!==void 0){let o=n.tint;const y=e;if(!(typeof o=="numbe\
r"&&isFinite(o))){const f={instancePath:s+"/white/tint",schemaPath:"#/properties/white/oneOf/1/properties/tint/type",keyword:"\
type",params:{type:"number"}};r===null?r=[f]:r.push(f),e++}var S=y===e}else var S=!0}}}else{const h={instancePath:s+"/wh\
ite",schemaPath:"#/properties/white/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[h]:r.push(h),e++}var A=C===
e;if(A&&v?(v=!1,x=[x,1]):A&&(v=!0,x=1),v)e=i,r!==null&&(i?r.length=i:r=null);else{const h={instancePath:s+"/white",schemaPath:"\
#/properties/white/oneOf",keyword:"oneOf",params:{passingSchemas:x}};return r===null?r=[h]:r.push(h),e++,$.errors=r,!1}var a=j===
e}else var a=!0;if(a){if(t.clippedShare!==void 0){let n=t.clippedShare;const j=e,i=e;let v=!1,x=null;const k=e;if(n!==null){
const h={instancePath:s+"/clippedShare",schemaPath:"#/properties/clippedShare/oneOf/0/type",keyword:"type",params:{type:"\
null"}};r===null?r=[h]:r.push(h),e++}var K=k===e;K&&(v=!0,x=0);const C=e;if(e===C)if(Array.isArray(n))if(n.length>3){const h={
instancePath:s+"/clippedShare",schemaPath:"#/properties/clippedShare/oneOf/1/maxItems",keyword:"maxItems",params:{limit:3}};
r===null?r=[h]:r.push(h),e++}else if(n.length<3){const h={instancePath:s+"/clippedShare",schemaPath:"#/properties/clippe\
dShare/oneOf/1/minItems",keyword:"minItems",params:{limit:3}};r===null?r=[h]:r.push(h),e++}else{var F=!0;const h=n.length;
for(let Y=0;Y<h;Y++){let o=n[Y];const y=e;if(e===y)if(typeof o=="number"&&isFinite(o)){if(o>1||isNaN(o)){const f={instancePath:s+
"/clippedShare/"+Y,schemaPath:"#/properties/clippedShare/oneOf/1/items/maximum",keyword:"maximum",params:{comparison:"<=",
limit:1}};r===null?r=[f]:r.push(f),e++}else if(o<0||isNaN(o)){const f={instancePath:s+"/clippedShare/"+Y,schemaPath:"#/p\
roperties/clippedShare/oneOf/1/items/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[f]:r.push(
f),e++}}else{const f={instancePath:s+"/clippedShare/"+Y,schemaPath:"#/properties/clippedShare/oneOf/1/items/type",keyword:"\
type",params:{type:"number"}};r===null?r=[f]:r.push(f),e++}var F=y===e;if(!F)break}}else{const h={instancePath:s+"/clipp\
edShare",schemaPath:"#/properties/clippedShare/oneOf/1/type",keyword:"type",params:{type:"array"}};r===null?r=[h]:r.push(
h),e++}var K=C===e;if(K&&v?(v=!1,x=[x,1]):K&&(v=!0,x=1),v)e=i,r!==null&&(i?r.length=i:r=null);else{const h={instancePath:s+
"/clippedShare",schemaPath:"#/properties/clippedShare/oneOf",keyword:"oneOf",params:{passingSchemas:x}};return r===null?
r=[h]:r.push(h),e++,$.errors=r,!1}var a=j===e}else var a=!0;if(a){if(t.width!==void 0){let n=t.width;const j=e;if(!(typeof n==
"number"&&!(n%1)&&!isNaN(n)&&isFinite(n)))return $.errors=[{instancePath:s+"/width",schemaPath:"#/properties/width/type",
keyword:"type",params:{type:"integer"}}],!1;if(e===j&&typeof n=="number"&&isFinite(n)&&(n<0||isNaN(n)))return $.errors=[
{instancePath:s+"/width",schemaPath:"#/properties/width/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1;
var a=j===e}else var a=!0;if(a){if(t.height!==void 0){let n=t.height;const j=e;if(!(typeof n=="number"&&!(n%1)&&!isNaN(n)&&
isFinite(n)))return $.errors=[{instancePath:s+"/height",schemaPath:"#/properties/height/type",keyword:"type",params:{type:"\
integer"}}],!1;if(e===j&&typeof n=="number"&&isFinite(n)&&(n<0||isNaN(n)))return $.errors=[{instancePath:s+"/height",schemaPath:"\
#/properties/height/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1;var a=j===e}else var a=!0;if(a){if(t.
average!==void 0){let n=t.average;const j=e,i=e;let v=!1,x=null;const k=e;if(n!==null){const h={instancePath:s+"/average",
schemaPath:"#/properties/average/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[h]:r.push(h),e++}var _=k===
e;_&&(v=!0,x=0);const C=e;if(e===C)if(n&&typeof n=="object"&&!Array.isArray(n)){let h;if(n.frames===void 0&&(h="frames")||
n.timesLess===void 0&&(h="timesLess")){const Y={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/requi\
red",keyword:"required",params:{missingProperty:h}};r===null?r=[Y]:r.push(Y),e++}else{const Y=e;for(const o in n)if(!(o===
"frames"||o==="timesLess")){const y={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/additionalProper\
ties",keyword:"additionalProperties",params:{additionalProperty:o}};r===null?r=[y]:r.push(y),e++;break}if(Y===e){if(n.frames!==
void 0){let o=n.frames;const y=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&isFinite(o))){const l={instancePath:s+"/ave\
rage/frames",schemaPath:"#/properties/average/oneOf/1/properties/frames/type",keyword:"type",params:{type:"integer"}};r===
null?r=[l]:r.push(l),e++}if(e===y&&typeof o=="number"&&isFinite(o)&&(o<1||isNaN(o))){const l={instancePath:s+"/average/f\
rames",schemaPath:"#/properties/average/oneOf/1/properties/frames/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};
r===null?r=[l]:r.push(l),e++}var b=y===e}else var b=!0;if(b)if(n.timesLess!==void 0){let o=n.timesLess;const y=e;if(!(typeof o==
"number"&&isFinite(o))&&o!==null){const f={instancePath:s+"/average/timesLess",schemaPath:"#/properties/average/oneOf/1/\
properties/timesLess/type",keyword:"type",params:{type:ue.properties.average.oneOf[1].properties.timesLess.type}};r===null?
r=[f]:r.push(f),e++}var b=y===e}else var b=!0}}}else{const h={instancePath:s+"/average",schemaPath:"#/properties/average\
/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[h]:r.push(h),e++}var _=C===e;if(_&&v?(v=!1,x=[x,1]):_&&
(v=!0,x=1),v)e=i,r!==null&&(i?r.length=i:r=null);else{const h={instancePath:s+"/average",schemaPath:"#/properties/averag\
e/oneOf",keyword:"oneOf",params:{passingSchemas:x}};return r===null?r=[h]:r.push(h),e++,$.errors=r,!1}var a=j===e}else var a=!0;
if(a){if(t.roll!==void 0){let n=t.roll;const j=e;if(e===j)if(typeof n=="string"){if(oe(n)>200)return $.errors=[{instancePath:s+
"/roll",schemaPath:"#/properties/roll/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return $.errors=[{instancePath:s+
"/roll",schemaPath:"#/properties/roll/type",keyword:"type",params:{type:"string"}}],!1;var a=j===e}else var a=!0;if(a){if(t.
stem!==void 0){let n=t.stem;const j=e;if(e===j)if(typeof n=="string"){if(oe(n)>160)return $.errors=[{instancePath:s+"/st\
em",schemaPath:"#/properties/stem/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(oe(n)<1)return $.errors=[{instancePath:s+
"/stem",schemaPath:"#/properties/stem/minLength",keyword:"minLength",params:{limit:1}}],!1}else return $.errors=[{instancePath:s+
"/stem",schemaPath:"#/properties/stem/type",keyword:"type",params:{type:"string"}}],!1;var a=j===e}else var a=!0;if(a){if(t.
series!==void 0){let n=t.series;const j=e,i=e;let v=!1,x=null;const k=e;if(n!==null){const h={instancePath:s+"/series",schemaPath:"\
#/properties/series/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[h]:r.push(h),e++}var w=k===e;w&&(v=!0,
x=0);const C=e;if(e===C)if(n&&typeof n=="object"&&!Array.isArray(n)){let h;if(n.id===void 0&&(h="id")||n.kind===void 0&&
(h="kind")||n.step===void 0&&(h="step")||n.count===void 0&&(h="count")){const Y={instancePath:s+"/series",schemaPath:"#/\
properties/series/oneOf/1/required",keyword:"required",params:{missingProperty:h}};r===null?r=[Y]:r.push(Y),e++}else{const Y=e;
for(const o in n)if(!(o==="id"||o==="kind"||o==="step"||o==="count")){const y={instancePath:s+"/series",schemaPath:"#/pr\
operties/series/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:o}};r===null?r=[
y]:r.push(y),e++;break}if(Y===e){if(n.id!==void 0){let o=n.id;const y=e;if(e===y)if(typeof o=="string"){if(oe(o)>64){const l={
instancePath:s+"/series/id",schemaPath:"#/properties/series/oneOf/1/properties/id/maxLength",keyword:"maxLength",params:{
limit:64}};r===null?r=[l]:r.push(l),e++}}else{const l={instancePath:s+"/series/id",schemaPath:"#/properties/series/oneOf\
/1/properties/id/type",keyword:"type",params:{type:"string"}};r===null?r=[l]:r.push(l),e++}var R=y===e}else var R=!0;if(R){
if(n.kind!==void 0){let o=n.kind;const y=e;if(!(o==="single"||o==="bracket"||o==="burst"||o==="focus"||o==="interval"||o===
"long")){const f={instancePath:s+"/series/kind",schemaPath:"#/properties/series/oneOf/1/properties/kind/enum",keyword:"e\
num",params:{allowedValues:ue.properties.series.oneOf[1].properties.kind.enum}};r===null?r=[f]:r.push(f),e++}var R=y===e}else
var R=!0;if(R){if(n.step!==void 0){let o=n.step;const y=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&isFinite(o))){const f={
instancePath:s+"/series/step",schemaPath:"#/properties/series/oneOf/1/properties/step/type",keyword:"type",params:{type:"\
integer"}};r===null?r=[f]:r.push(f),e++}if(e===y&&typeof o=="number"&&isFinite(o)&&(o<0||isNaN(o))){const f={instancePath:s+
"/series/step",schemaPath:"#/properties/series/oneOf/1/properties/step/minimum",keyword:"minimum",params:{comparison:">=",
limit:0}};r===null?r=[f]:r.push(f),e++}var R=y===e}else var R=!0;if(R)if(n.count!==void 0){let o=n.count;const y=e;if(!(typeof o==
"number"&&!(o%1)&&!isNaN(o)&&isFinite(o))){const f={instancePath:s+"/series/count",schemaPath:"#/properties/series/oneOf\
/1/properties/count/type",keyword:"type",params:{type:"integer"}};r===null?r=[f]:r.push(f),e++}if(e===y&&typeof o=="numb\
er"&&isFinite(o)&&(o<1||isNaN(o))){const f={instancePath:s+"/series/count",schemaPath:"#/properties/series/oneOf/1/prope\
rties/count/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[f]:r.push(f),e++}var R=y===e}else var R=!0}}}}}else{
const h={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/1/type",keyword:"type",params:{type:"object"}};r===
null?r=[h]:r.push(h),e++}var w=C===e;if(w&&v?(v=!1,x=[x,1]):w&&(v=!0,x=1),v)e=i,r!==null&&(i?r.length=i:r=null);else{const h={
instancePath:s+"/series",schemaPath:"#/properties/series/oneOf",keyword:"oneOf",params:{passingSchemas:x}};return r===null?
r=[h]:r.push(h),e++,$.errors=r,!1}var a=j===e}else var a=!0;if(a){if(t.files!==void 0){let n=t.files;const j=e;if(e===j)
if(Array.isArray(n)){if(n.length>8)return $.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/maxItems",keyword:"\
maxItems",params:{limit:8}}],!1;if(n.length<1)return $.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/m\
inItems",keyword:"minItems",params:{limit:1}}],!1;{var M=!0;const v=n.length;for(let x=0;x<v;x++){let k=n[x];const C=e;if(e===
C)if(k&&typeof k=="object"&&!Array.isArray(k)){let h;if(k.kind===void 0&&(h="kind")||k.name===void 0&&(h="name")||k.bytes===
void 0&&(h="bytes")||k.chunks===void 0&&(h="chunks"))return $.errors=[{instancePath:s+"/files/"+x,schemaPath:"#/properti\
es/files/items/required",keyword:"required",params:{missingProperty:h}}],!1;{const Y=e;for(const o in k)if(!(o==="kind"||
o==="name"||o==="bytes"||o==="chunks")){return $.errors=[{instancePath:s+"/files/"+x,schemaPath:"#/properties/files/item\
s/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:o}}],!1;break}if(Y===e){if(k.kind!==void 0){
let o=k.kind;const y=e;if(!(o==="dng"||o==="jpeg"||o==="tiff"||o==="png"||o==="webp"||o==="avif"||o==="heic"||o==="raw"))
return $.errors=[{instancePath:s+"/files/"+x+"/kind",schemaPath:"#/properties/files/items/properties/kind/enum",keyword:"\
enum",params:{allowedValues:ue.properties.files.items.properties.kind.enum}}],!1;var P=y===e}else var P=!0;if(P){if(k.name!==
void 0){let o=k.name;const y=e;if(e===y)if(typeof o=="string"){if(oe(o)>160)return $.errors=[{instancePath:s+"/files/"+x+
"/name",schemaPath:"#/properties/files/items/properties/name/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(oe(
o)<1)return $.errors=[{instancePath:s+"/files/"+x+"/name",schemaPath:"#/properties/files/items/properties/name/minLength",
keyword:"minLength",params:{limit:1}}],!1}else return $.errors=[{instancePath:s+"/files/"+x+"/name",schemaPath:"#/proper\
ties/files/items/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var P=y===e}else var P=!0;if(P){if(k.bytes!==
void 0){let o=k.bytes;const y=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&isFinite(o)))return $.errors=[{instancePath:s+
"/files/"+x+"/bytes",schemaPath:"#/properties/files/items/properties/bytes/type",keyword:"type",params:{type:"integer"}}],
!1;if(e===y&&typeof o=="number"&&isFinite(o)&&(o<1||isNaN(o)))return $.errors=[{instancePath:s+"/files/"+x+"/bytes",schemaPath:"\
#/properties/files/items/properties/bytes/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1;var P=y===e}else
var P=!0;if(P)if(k.chunks!==void 0){let o=k.chunks;const y=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&isFinite(o)))return $.
errors=[{instancePath:s+"/files/"+x+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/type",keyword:"type",
params:{type:"integer"}}],!1;if(e===y&&typeof o=="number"&&isFinite(o)){if(o>4096||isNaN(o))return $.errors=[{instancePath:s+
"/files/"+x+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:4096}}],!1;if(o<1||isNaN(o))return $.errors=[{instancePath:s+"/files/"+x+"/chunks",schemaPath:"#/properties/fi\
les/items/properties/chunks/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var P=y===e}else var P=!0}}}}}else
return $.errors=[{instancePath:s+"/files/"+x,schemaPath:"#/properties/files/items/type",keyword:"type",params:{type:"obj\
ect"}}],!1;var M=C===e;if(!M)break}}}else return $.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/type",
keyword:"type",params:{type:"array"}}],!1;var a=j===e}else var a=!0;if(a){if(t.longestHandheldS!==void 0){let n=t.longestHandheldS;
const j=e;if(!(typeof n=="number"&&isFinite(n))&&n!==null)return $.errors=[{instancePath:s+"/longestHandheldS",schemaPath:"\
#/properties/longestHandheldS/type",keyword:"type",params:{type:ue.properties.longestHandheldS.type}}],!1;var a=j===e}else
var a=!0;if(a){if(t.focusedAt!==void 0){let n=t.focusedAt;const j=e,i=e;let v=!1,x=null;const k=e;if(n!==null){const h={
instancePath:s+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?
r=[h]:r.push(h),e++}var m=k===e;m&&(v=!0,x=0);const C=e;if(e===C)if(n&&typeof n=="object"&&!Array.isArray(n)){let h;if(n.
x===void 0&&(h="x")||n.y===void 0&&(h="y")){const Y={instancePath:s+"/focusedAt",schemaPath:"#/properties/focusedAt/oneO\
f/1/required",keyword:"required",params:{missingProperty:h}};r===null?r=[Y]:r.push(Y),e++}else{const Y=e;for(const o in n)
if(!(o==="x"||o==="y")){const y={instancePath:s+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf/1/additionalProper\
ties",keyword:"additionalProperties",params:{additionalProperty:o}};r===null?r=[y]:r.push(y),e++;break}if(Y===e){if(n.x!==
void 0){let o=n.x;const y=e;if(e===y)if(typeof o=="number"&&isFinite(o)){if(o>1||isNaN(o)){const l={instancePath:s+"/foc\
usedAt/x",schemaPath:"#/properties/focusedAt/oneOf/1/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};
r===null?r=[l]:r.push(l),e++}else if(o<0||isNaN(o)){const l={instancePath:s+"/focusedAt/x",schemaPath:"#/properties/focu\
sedAt/oneOf/1/properties/x/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[l]:r.push(l),e++}}else{
const l={instancePath:s+"/focusedAt/x",schemaPath:"#/properties/focusedAt/oneOf/1/properties/x/type",keyword:"type",params:{
type:"number"}};r===null?r=[l]:r.push(l),e++}var G=y===e}else var G=!0;if(G)if(n.y!==void 0){let o=n.y;const y=e;if(e===
y)if(typeof o=="number"&&isFinite(o)){if(o>1||isNaN(o)){const f={instancePath:s+"/focusedAt/y",schemaPath:"#/properties/\
focusedAt/oneOf/1/properties/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[f]:r.push(f),e++}else if(o<
0||isNaN(o)){const f={instancePath:s+"/focusedAt/y",schemaPath:"#/properties/focusedAt/oneOf/1/properties/y/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}};r===null?r=[f]:r.push(f),e++}}else{const f={instancePath:s+"/focusedAt/y",schemaPath:"\
#/properties/focusedAt/oneOf/1/properties/y/type",keyword:"type",params:{type:"number"}};r===null?r=[f]:r.push(f),e++}var G=y===
e}else var G=!0}}}else{const h={instancePath:s+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf/1/type",keyword:"ty\
pe",params:{type:"object"}};r===null?r=[h]:r.push(h),e++}var m=C===e;if(m&&v?(v=!1,x=[x,1]):m&&(v=!0,x=1),v)e=i,r!==null&&
(i?r.length=i:r=null);else{const h={instancePath:s+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf",keyword:"oneOf",
params:{passingSchemas:x}};return r===null?r=[h]:r.push(h),e++,$.errors=r,!1}var a=j===e}else var a=!0;if(a){if(t.combined!==
void 0){let n=t.combined;const j=e,i=e;let v=!1,x=null;const k=e;if(n!==null){const h={instancePath:s+"/combined",schemaPath:"\
#/properties/combined/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[h]:r.push(h),e++}var J=k===e;J&&(v=
!0,x=0);const C=e;if(e===C)if(n&&typeof n=="object"&&!Array.isArray(n)){let h;if(n.sources===void 0&&(h="sources")||n.way===
void 0&&(h="way")||n.moved===void 0&&(h="moved")||n.finish===void 0&&(h="finish")||n.floating===void 0&&(h="floating")){
const Y={instancePath:s+"/combined",schemaPath:"#/properties/combined/oneOf/1/required",keyword:"required",params:{missingProperty:h}};
r===null?r=[Y]:r.push(Y),e++}else{const Y=e;for(const o in n)if(!(o==="sources"||o==="way"||o==="moved"||o==="painted"||
o==="finish"||o==="floating")){const y={instancePath:s+"/combined",schemaPath:"#/properties/combined/oneOf/1/additionalP\
roperties",keyword:"additionalProperties",params:{additionalProperty:o}};r===null?r=[y]:r.push(y),e++;break}if(Y===e){if(n.
sources!==void 0){let o=n.sources;const y=e;if(e===y)if(Array.isArray(o))if(o.length>5e3){const l={instancePath:s+"/comb\
ined/sources",schemaPath:"#/properties/combined/oneOf/1/properties/sources/maxItems",keyword:"maxItems",params:{limit:5e3}};
r===null?r=[l]:r.push(l),e++}else if(o.length<2){const l={instancePath:s+"/combined/sources",schemaPath:"#/properties/co\
mbined/oneOf/1/properties/sources/minItems",keyword:"minItems",params:{limit:2}};r===null?r=[l]:r.push(l),e++}else{var d=!0;
const l=o.length;for(let f=0;f<l;f++){let L=o[f];const c=e;if(e===c)if(typeof L=="string"){if(oe(L)>64){const Z={instancePath:s+
"/combined/sources/"+f,schemaPath:"#/properties/combined/oneOf/1/properties/sources/items/maxLength",keyword:"maxLength",
params:{limit:64}};r===null?r=[Z]:r.push(Z),e++}}else{const Z={instancePath:s+"/combined/sources/"+f,schemaPath:"#/prope\
rties/combined/oneOf/1/properties/sources/items/type",keyword:"type",params:{type:"string"}};r===null?r=[Z]:r.push(Z),e++}
var d=c===e;if(!d)break}}else{const l={instancePath:s+"/combined/sources",schemaPath:"#/properties/combined/oneOf/1/prop\
erties/sources/type",keyword:"type",params:{type:"array"}};r===null?r=[l]:r.push(l),e++}var H=y===e}else var H=!0;if(H){
if(n.way!==void 0){let o=n.way;const y=e;if(!(o==="merge"||o==="fuse"||o==="focus"||o==="average"||o==="median"||o==="br\
ightest"||o==="stars"||o==="sum")){const f={instancePath:s+"/combined/way",schemaPath:"#/properties/combined/oneOf/1/pro\
perties/way/enum",keyword:"enum",params:{allowedValues:ue.properties.combined.oneOf[1].properties.way.enum}};r===null?r=
[f]:r.push(f),e++}var H=y===e}else var H=!0;if(H){if(n.moved!==void 0){let o=n.moved;const y=e;if(e===y)if(Array.isArray(
o))if(o.length>5e3){const f={instancePath:s+"/combined/moved",schemaPath:"#/properties/combined/oneOf/1/properties/moved\
/maxItems",keyword:"maxItems",params:{limit:5e3}};r===null?r=[f]:r.push(f),e++}else{var u=!0;const f=o.length;for(let L=0;L<
f;L++){let c=o[L];const D=e;if(e===D)if(c&&typeof c=="object"&&!Array.isArray(c)){let O;if(c.x===void 0&&(O="x")||c.y===
void 0&&(O="y")||c.frame===void 0&&(O="frame")){const z={instancePath:s+"/combined/moved/"+L,schemaPath:"#/properties/co\
mbined/oneOf/1/properties/moved/items/required",keyword:"required",params:{missingProperty:O}};r===null?r=[z]:r.push(z),
e++}else{const z=e;for(const g in c)if(!(g==="x"||g==="y"||g==="frame")){const q={instancePath:s+"/combined/moved/"+L,schemaPath:"\
#/properties/combined/oneOf/1/properties/moved/items/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:g}};
r===null?r=[q]:r.push(q),e++;break}if(z===e){if(c.x!==void 0){let g=c.x;const q=e;if(e===q)if(typeof g=="number"&&isFinite(
g)){if(g>1||isNaN(g)){const X={instancePath:s+"/combined/moved/"+L+"/x",schemaPath:"#/properties/combined/oneOf/1/proper\
ties/moved/items/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[X]:r.push(X),e++}else if(g<
0||isNaN(g)){const X={instancePath:s+"/combined/moved/"+L+"/x",schemaPath:"#/properties/combined/oneOf/1/properties/move\
d/items/properties/x/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[X]:r.push(X),e++}}else{const X={
instancePath:s+"/combined/moved/"+L+"/x",schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/properties/x/t\
ype",keyword:"type",params:{type:"number"}};r===null?r=[X]:r.push(X),e++}var V=q===e}else var V=!0;if(V){if(c.y!==void 0){
let g=c.y;const q=e;if(e===q)if(typeof g=="number"&&isFinite(g)){if(g>1||isNaN(g)){const W={instancePath:s+"/combined/mo\
ved/"+L+"/y",schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/properties/y/maximum",keyword:"maximum",params:{
comparison:"<=",limit:1}};r===null?r=[W]:r.push(W),e++}else if(g<0||isNaN(g)){const W={instancePath:s+"/combined/moved/"+
L+"/y",schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/properties/y/minimum",keyword:"minimum",params:{
comparison:">=",limit:0}};r===null?r=[W]:r.push(W),e++}}else{const W={instancePath:s+"/combined/moved/"+L+"/y",schemaPath:"\
#/properties/combined/oneOf/1/properties/moved/items/properties/y/type",keyword:"type",params:{type:"number"}};r===null?
r=[W]:r.push(W),e++}var V=q===e}else var V=!0;if(V)if(c.frame!==void 0){let g=c.frame;const q=e;if(!(typeof g=="number"&&
!(g%1)&&!isNaN(g)&&isFinite(g))){const W={instancePath:s+"/combined/moved/"+L+"/frame",schemaPath:"#/properties/combined\
/oneOf/1/properties/moved/items/properties/frame/type",keyword:"type",params:{type:"integer"}};r===null?r=[W]:r.push(W),
e++}var V=q===e}else var V=!0}}}}else{const O={instancePath:s+"/combined/moved/"+L,schemaPath:"#/properties/combined/one\
Of/1/properties/moved/items/type",keyword:"type",params:{type:"object"}};r===null?r=[O]:r.push(O),e++}var u=D===e;if(!u)
break}}else{const f={instancePath:s+"/combined/moved",schemaPath:"#/properties/combined/oneOf/1/properties/moved/type",keyword:"\
type",params:{type:"array"}};r===null?r=[f]:r.push(f),e++}var H=y===e}else var H=!0;if(H){if(n.painted!==void 0){let o=n.
painted;const y=e;if(e===y)if(Array.isArray(o))if(o.length>2e4){const f={instancePath:s+"/combined/painted",schemaPath:"\
#/properties/combined/oneOf/1/properties/painted/maxItems",keyword:"maxItems",params:{limit:2e4}};r===null?r=[f]:r.push(
f),e++}else{var p=!0;const f=o.length;for(let L=0;L<f;L++){let c=o[L];const D=e;if(e===D)if(c&&typeof c=="object"&&!Array.
isArray(c)){let O;if(c.x===void 0&&(O="x")||c.y===void 0&&(O="y")||c.radius===void 0&&(O="radius")||c.frame===void 0&&(O=
"frame")){const z={instancePath:s+"/combined/painted/"+L,schemaPath:"#/properties/combined/oneOf/1/properties/painted/it\
ems/required",keyword:"required",params:{missingProperty:O}};r===null?r=[z]:r.push(z),e++}else{const z=e;for(const g in c)
if(!(g==="x"||g==="y"||g==="radius"||g==="frame")){const q={instancePath:s+"/combined/painted/"+L,schemaPath:"#/properti\
es/combined/oneOf/1/properties/painted/items/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:g}};
r===null?r=[q]:r.push(q),e++;break}if(z===e){if(c.x!==void 0){let g=c.x;const q=e;if(!(typeof g=="number"&&isFinite(g))){
const X={instancePath:s+"/combined/painted/"+L+"/x",schemaPath:"#/properties/combined/oneOf/1/properties/painted/items/p\
roperties/x/type",keyword:"type",params:{type:"number"}};r===null?r=[X]:r.push(X),e++}var N=q===e}else var N=!0;if(N){if(c.
y!==void 0){let g=c.y;const q=e;if(!(typeof g=="number"&&isFinite(g))){const W={instancePath:s+"/combined/painted/"+L+"/\
y",schemaPath:"#/properties/combined/oneOf/1/properties/painted/items/properties/y/type",keyword:"type",params:{type:"nu\
mber"}};r===null?r=[W]:r.push(W),e++}var N=q===e}else var N=!0;if(N){if(c.radius!==void 0){let g=c.radius;const q=e;if(e===
q)if(typeof g=="number"&&isFinite(g)){if(g>1||isNaN(g)){const W={instancePath:s+"/combined/painted/"+L+"/radius",schemaPath:"\
#/properties/combined/oneOf/1/properties/painted/items/properties/radius/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:1}};r===null?r=[W]:r.push(W),e++}else if(g<0||isNaN(g)){const W={instancePath:s+"/combined/painted/"+L+"/radiu\
s",schemaPath:"#/properties/combined/oneOf/1/properties/painted/items/properties/radius/minimum",keyword:"minimum",params:{
comparison:">=",limit:0}};r===null?r=[W]:r.push(W),e++}}else{const W={instancePath:s+"/combined/painted/"+L+"/radius",schemaPath:"\
#/properties/combined/oneOf/1/properties/painted/items/properties/radius/type",keyword:"type",params:{type:"number"}};r===
null?r=[W]:r.push(W),e++}var N=q===e}else var N=!0;if(N)if(c.frame!==void 0){let g=c.frame;const q=e;if(!(typeof g=="num\
ber"&&!(g%1)&&!isNaN(g)&&isFinite(g))){const W={instancePath:s+"/combined/painted/"+L+"/frame",schemaPath:"#/properties/\
combined/oneOf/1/properties/painted/items/properties/frame/type",keyword:"type",params:{type:"integer"}};r===null?r=[W]:
r.push(W),e++}var N=q===e}else var N=!0}}}}}else{const O={instancePath:s+"/combined/painted/"+L,schemaPath:"#/properties\
/combined/oneOf/1/properties/painted/items/type",keyword:"type",params:{type:"object"}};r===null?r=[O]:r.push(O),e++}var p=D===
e;if(!p)break}}else{const f={instancePath:s+"/combined/painted",schemaPath:"#/properties/combined/oneOf/1/properties/pai\
nted/type",keyword:"type",params:{type:"array"}};r===null?r=[f]:r.push(f),e++}var H=y===e}else var H=!0;if(H){if(n.finish!==
void 0){let o=n.finish;const y=e,l=e;let f=!1,L=null;const c=e;if(o!==null){const O={instancePath:s+"/combined/finish",schemaPath:"\
#/properties/combined/oneOf/1/properties/finish/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[O]:r.push(
O),e++}var B=c===e;B&&(f=!0,L=0);const D=e;if(e===D)if(o&&typeof o=="object"&&!Array.isArray(o)){let O;if(o.brightness===
void 0&&(O="brightness")||o.range===void 0&&(O="range")||o.detail===void 0&&(O="detail")){const z={instancePath:s+"/comb\
ined/finish",schemaPath:"#/properties/combined/oneOf/1/properties/finish/oneOf/1/required",keyword:"required",params:{missingProperty:O}};
r===null?r=[z]:r.push(z),e++}else{const z=e;for(const g in o)if(!(g==="brightness"||g==="range"||g==="detail")){const q={
instancePath:s+"/combined/finish",schemaPath:"#/properties/combined/oneOf/1/properties/finish/oneOf/1/additionalProperti\
es",keyword:"additionalProperties",params:{additionalProperty:g}};r===null?r=[q]:r.push(q),e++;break}if(z===e){if(o.brightness!==
void 0){let g=o.brightness;const q=e;if(!(typeof g=="number"&&isFinite(g))){const X={instancePath:s+"/combined/finish/br\
ightness",schemaPath:"#/properties/combined/oneOf/1/properties/finish/oneOf/1/properties/brightness/type",keyword:"type",
params:{type:"number"}};r===null?r=[X]:r.push(X),e++}var T=q===e}else var T=!0;if(T){if(o.range!==void 0){let g=o.range;
const q=e;if(!(typeof g=="number"&&isFinite(g))){const W={instancePath:s+"/combined/finish/range",schemaPath:"#/properti\
es/combined/oneOf/1/properties/finish/oneOf/1/properties/range/type",keyword:"type",params:{type:"number"}};r===null?r=[
W]:r.push(W),e++}var T=q===e}else var T=!0;if(T)if(o.detail!==void 0){let g=o.detail;const q=e;if(!(typeof g=="number"&&
isFinite(g))){const W={instancePath:s+"/combined/finish/detail",schemaPath:"#/properties/combined/oneOf/1/properties/fin\
ish/oneOf/1/properties/detail/type",keyword:"type",params:{type:"number"}};r===null?r=[W]:r.push(W),e++}var T=q===e}else
var T=!0}}}}else{const O={instancePath:s+"/combined/finish",schemaPath:"#/properties/combined/oneOf/1/properties/finish/\
oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[O]:r.push(O),e++}var B=D===e;if(B&&f?(f=!1,L=[L,1]):B&&
(f=!0,L=1),f)e=l,r!==null&&(l?r.length=l:r=null);else{const O={instancePath:s+"/combined/finish",schemaPath:"#/propertie\
s/combined/oneOf/1/properties/finish/oneOf",keyword:"oneOf",params:{passingSchemas:L}};r===null?r=[O]:r.push(O),e++}var H=y===
e}else var H=!0;if(H)if(n.floating!==void 0){const o=e;if(typeof n.floating!="boolean"){const l={instancePath:s+"/combin\
ed/floating",schemaPath:"#/properties/combined/oneOf/1/properties/floating/type",keyword:"type",params:{type:"boolean"}};
r===null?r=[l]:r.push(l),e++}var H=o===e}else var H=!0}}}}}}}else{const h={instancePath:s+"/combined",schemaPath:"#/prop\
erties/combined/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[h]:r.push(h),e++}var J=C===e;if(J&&v?(v=
!1,x=[x,1]):J&&(v=!0,x=1),v)e=i,r!==null&&(i?r.length=i:r=null);else{const h={instancePath:s+"/combined",schemaPath:"#/p\
roperties/combined/oneOf",keyword:"oneOf",params:{passingSchemas:x}};return r===null?r=[h]:r.push(h),e++,$.errors=r,!1}var a=j===
e}else var a=!0;if(a)if(t.words!==void 0){let n=t.words;const j=e;if(e===j)if(n&&typeof n=="object"&&!Array.isArray(n)){
let v;if(n.source===void 0&&(v="source")||n.summary===void 0&&(v="summary"))return $.errors=[{instancePath:s+"/words",schemaPath:"\
#/properties/words/required",keyword:"required",params:{missingProperty:v}}],!1;{const x=e;for(const k in n)if(!(k==="so\
urce"||k==="summary")){return $.errors=[{instancePath:s+"/words",schemaPath:"#/properties/words/additionalProperties",keyword:"\
additionalProperties",params:{additionalProperty:k}}],!1;break}if(x===e){if(n.source!==void 0){let k=n.source;const C=e;
if(e===C)if(typeof k=="string"){if(oe(k)>200)return $.errors=[{instancePath:s+"/words/source",schemaPath:"#/properties/w\
ords/properties/source/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return $.errors=[{instancePath:s+"/wo\
rds/source",schemaPath:"#/properties/words/properties/source/type",keyword:"type",params:{type:"string"}}],!1;var se=C===
e}else var se=!0;if(se)if(n.summary!==void 0){let k=n.summary;const C=e;if(e===C)if(typeof k=="string"){if(oe(k)>200)return $.
errors=[{instancePath:s+"/words/summary",schemaPath:"#/properties/words/properties/summary/maxLength",keyword:"maxLength",
params:{limit:200}}],!1}else return $.errors=[{instancePath:s+"/words/summary",schemaPath:"#/properties/words/properties\
/summary/type",keyword:"type",params:{type:"string"}}],!1;var se=C===e}else var se=!0}}}else return $.errors=[{instancePath:s+
"/words",schemaPath:"#/properties/words/type",keyword:"type",params:{type:"object"}}],!1;var a=j===e}else var a=!0}}}}}}}}}}}}}}}}}}}}}}}}}else
return $.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return $.errors=r,e===0}
const Ve=ie,Se={$id:"velmo/frame/1",type:"object",properties:{version:{const:1},id:{type:"string",pattern:"^[a-z0-9-]{8,\
64}$"},capturedAt:{type:"number",minimum:0},source:{type:"string",maxLength:200},summary:{type:"string",maxLength:200},files:{
type:"array",minItems:1,maxItems:8,items:{type:"object",properties:{kind:{enum:["dng","jpeg","tiff","png","webp","avif",
"heic","raw"]},name:{type:"string",minLength:1,maxLength:160},bytes:{type:"integer",minimum:1},chunks:{type:"integer",minimum:1,
maximum:4096}},required:["kind","name","bytes","chunks"],additionalProperties:!1}},thumbnail:{type:"string",pattern:"^da\
ta:image/jpeg;base64,"}},required:["version","id","capturedAt","source","summary","files","thumbnail"],additionalProperties:!1},
je=new RegExp("^data:image/jpeg;base64,","u");function ie(t,{instancePath:s="",parentData:ye,parentDataProperty:he,rootData:de=t}={}){
let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(t)){let F;if(t.version===void 0&&(F="version")||t.id===
void 0&&(F="id")||t.capturedAt===void 0&&(F="capturedAt")||t.source===void 0&&(F="source")||t.summary===void 0&&(F="summ\
ary")||t.files===void 0&&(F="files")||t.thumbnail===void 0&&(F="thumbnail"))return ie.errors=[{instancePath:s,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:F}}],!1;{const K=e;for(const b in t)if(!(b==="version"||b==="id"||
b==="capturedAt"||b==="source"||b==="summary"||b==="files"||b==="thumbnail")){return ie.errors=[{instancePath:s,schemaPath:"\
#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:b}}],!1;break}if(K===e){if(t.version!==
void 0){const b=e;if(t.version!==1)return ie.errors=[{instancePath:s+"/version",schemaPath:"#/properties/version/const",
keyword:"const",params:{allowedValue:1}}],!1;var a=b===e}else var a=!0;if(a){if(t.id!==void 0){let b=t.id;const _=e;if(e===
_)if(typeof b=="string"){if(!xe.test(b))return ie.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/pattern",keyword:"\
pattern",params:{pattern:"^[a-z0-9-]{8,64}$"}}],!1}else return ie.errors=[{instancePath:s+"/id",schemaPath:"#/properties\
/id/type",keyword:"type",params:{type:"string"}}],!1;var a=_===e}else var a=!0;if(a){if(t.capturedAt!==void 0){let b=t.capturedAt;
const _=e;if(e===_)if(typeof b=="number"&&isFinite(b)){if(b<0||isNaN(b))return ie.errors=[{instancePath:s+"/capturedAt",
schemaPath:"#/properties/capturedAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return ie.errors=
[{instancePath:s+"/capturedAt",schemaPath:"#/properties/capturedAt/type",keyword:"type",params:{type:"number"}}],!1;var a=_===
e}else var a=!0;if(a){if(t.source!==void 0){let b=t.source;const _=e;if(e===_)if(typeof b=="string"){if(oe(b)>200)return ie.
errors=[{instancePath:s+"/source",schemaPath:"#/properties/source/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else
return ie.errors=[{instancePath:s+"/source",schemaPath:"#/properties/source/type",keyword:"type",params:{type:"string"}}],
!1;var a=_===e}else var a=!0;if(a){if(t.summary!==void 0){let b=t.summary;const _=e;if(e===_)if(typeof b=="string"){if(oe(
b)>200)return ie.errors=[{instancePath:s+"/summary",schemaPath:"#/properties/summary/maxLength",keyword:"maxLength",params:{
limit:200}}],!1}else return ie.errors=[{instancePath:s+"/summary",schemaPath:"#/properties/summary/type",keyword:"type",
params:{type:"string"}}],!1;var a=_===e}else var a=!0;if(a){if(t.files!==void 0){let b=t.files;const _=e;if(e===_)if(Array.
isArray(b)){if(b.length>8)return ie.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/maxItems",keyword:"m\
axItems",params:{limit:8}}],!1;if(b.length<1)return ie.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/m\
inItems",keyword:"minItems",params:{limit:1}}],!1;{var S=!0;const w=b.length;for(let M=0;M<w;M++){let P=b[M];const G=e;if(e===
G)if(P&&typeof P=="object"&&!Array.isArray(P)){let d;if(P.kind===void 0&&(d="kind")||P.name===void 0&&(d="name")||P.bytes===
void 0&&(d="bytes")||P.chunks===void 0&&(d="chunks"))return ie.errors=[{instancePath:s+"/files/"+M,schemaPath:"#/propert\
ies/files/items/required",keyword:"required",params:{missingProperty:d}}],!1;{const H=e;for(const u in P)if(!(u==="kind"||
u==="name"||u==="bytes"||u==="chunks")){return ie.errors=[{instancePath:s+"/files/"+M,schemaPath:"#/properties/files/ite\
ms/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:u}}],!1;break}if(H===e){if(P.kind!==void 0){
let u=P.kind;const V=e;if(!(u==="dng"||u==="jpeg"||u==="tiff"||u==="png"||u==="webp"||u==="avif"||u==="heic"||u==="raw"))
return ie.errors=[{instancePath:s+"/files/"+M+"/kind",schemaPath:"#/properties/files/items/properties/kind/enum",keyword:"\
enum",params:{allowedValues:Se.properties.files.items.properties.kind.enum}}],!1;var A=V===e}else var A=!0;if(A){if(P.name!==
void 0){let u=P.name;const V=e;if(e===V)if(typeof u=="string"){if(oe(u)>160)return ie.errors=[{instancePath:s+"/files/"+
M+"/name",schemaPath:"#/properties/files/items/properties/name/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(oe(
u)<1)return ie.errors=[{instancePath:s+"/files/"+M+"/name",schemaPath:"#/properties/files/items/properties/name/minLengt\
h",keyword:"minLength",params:{limit:1}}],!1}else return ie.errors=[{instancePath:s+"/files/"+M+"/name",schemaPath:"#/pr\
operties/files/items/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var A=V===e}else var A=!0;if(A){if(P.
bytes!==void 0){let u=P.bytes;const V=e;if(!(typeof u=="number"&&!(u%1)&&!isNaN(u)&&isFinite(u)))return ie.errors=[{instancePath:s+
"/files/"+M+"/bytes",schemaPath:"#/properties/files/items/properties/bytes/type",keyword:"type",params:{type:"integer"}}],
!1;if(e===V&&typeof u=="number"&&isFinite(u)&&(u<1||isNaN(u)))return ie.errors=[{instancePath:s+"/files/"+M+"/bytes",schemaPath:"\
#/properties/files/items/properties/bytes/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1;var A=V===e}else
var A=!0;if(A)if(P.chunks!==void 0){let u=P.chunks;const V=e;if(!(typeof u=="number"&&!(u%1)&&!isNaN(u)&&isFinite(u)))return ie.
errors=[{instancePath:s+"/files/"+M+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/type",keyword:"type",
params:{type:"integer"}}],!1;if(e===V&&typeof u=="number"&&isFinite(u)){if(u>4096||isNaN(u))return ie.errors=[{instancePath:s+
"/files/"+M+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:4096}}],!1;if(u<1||isNaN(u))return ie.errors=[{instancePath:s+"/files/"+M+"/chunks",schemaPath:"#/properties/f\
iles/items/properties/chunks/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var A=V===e}else var A=!0}}}}}else
return ie.errors=[{instancePath:s+"/files/"+M,schemaPath:"#/properties/files/items/type",keyword:"type",params:{type:"ob\
ject"}}],!1;var S=G===e;if(!S)break}}}else return ie.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/typ\
e",keyword:"type",params:{type:"array"}}],!1;var a=_===e}else var a=!0;if(a)if(t.thumbnail!==void 0){let b=t.thumbnail;const _=e;
if(e===_)if(typeof b=="string"){if(!je.test(b))return ie.errors=[{instancePath:s+"/thumbnail",schemaPath:"#/properties/t\
humbnail/pattern",keyword:"pattern",params:{pattern:"^data:image/jpeg;base64,"}}],!1}else return ie.errors=[{instancePath:s+
"/thumbnail",schemaPath:"#/properties/thumbnail/type",keyword:"type",params:{type:"string"}}],!1;var a=_===e}else var a=!0}}}}}}}}else
return ie.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return ie.errors=r,e===
0}const De=me,_e={$id:"velmo/camera-light/1",type:"object",properties:{version:{const:1},response:{oneOf:[{type:"null"},
{type:"array",minItems:3,maxItems:3,items:{type:"array",minItems:256,maxItems:256,items:{type:"number",minimum:0,maximum:1}}}]},
measuredAt:{type:["number","null"]},greyStops:{type:"number",minimum:-4,maximum:4},evOffset:{type:["number","null"],minimum:-30,
maximum:30}},required:["version","response","measuredAt","greyStops","evOffset"],additionalProperties:!1};function me(t,{
instancePath:s="",parentData:ye,parentDataProperty:he,rootData:de=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&
!Array.isArray(t)){let K;if(t.version===void 0&&(K="version")||t.response===void 0&&(K="response")||t.measuredAt===void 0&&
(K="measuredAt")||t.greyStops===void 0&&(K="greyStops")||t.evOffset===void 0&&(K="evOffset"))return me.errors=[{instancePath:s,
schemaPath:"#/required",keyword:"required",params:{missingProperty:K}}],!1;{const b=e;for(const _ in t)if(!(_==="version"||
_==="response"||_==="measuredAt"||_==="greyStops"||_==="evOffset")){return me.errors=[{instancePath:s,schemaPath:"#/addi\
tionalProperties",keyword:"additionalProperties",params:{additionalProperty:_}}],!1;break}if(b===e){if(t.version!==void 0){
const _=e;if(t.version!==1)return me.errors=[{instancePath:s+"/version",schemaPath:"#/properties/version/const",keyword:"\
const",params:{allowedValue:1}}],!1;var a=_===e}else var a=!0;if(a){if(t.response!==void 0){let _=t.response;const R=e,w=e;
let M=!1,P=null;const G=e;if(_!==null){const H={instancePath:s+"/response",schemaPath:"#/properties/response/oneOf/0/typ\
e",keyword:"type",params:{type:"null"}};r===null?r=[H]:r.push(H),e++}var F=G===e;F&&(M=!0,P=0);const m=e;if(e===m)if(Array.
isArray(_))if(_.length>3){const H={instancePath:s+"/response",schemaPath:"#/properties/response/oneOf/1/maxItems",keyword:"\
maxItems",params:{limit:3}};r===null?r=[H]:r.push(H),e++}else if(_.length<3){const H={instancePath:s+"/response",schemaPath:"\
#/properties/response/oneOf/1/minItems",keyword:"minItems",params:{limit:3}};r===null?r=[H]:r.push(H),e++}else{var S=!0;
const H=_.length;for(let u=0;u<H;u++){let V=_[u];const p=e;if(e===p)if(Array.isArray(V))if(V.length>256){const T={instancePath:s+
"/response/"+u,schemaPath:"#/properties/response/oneOf/1/items/maxItems",keyword:"maxItems",params:{limit:256}};r===null?
r=[T]:r.push(T),e++}else if(V.length<256){const T={instancePath:s+"/response/"+u,schemaPath:"#/properties/response/oneOf\
/1/items/minItems",keyword:"minItems",params:{limit:256}};r===null?r=[T]:r.push(T),e++}else{var A=!0;const T=V.length;for(let B=0;B<
T;B++){let J=V[B];const se=e;if(e===se)if(typeof J=="number"&&isFinite(J)){if(J>1||isNaN(J)){const re={instancePath:s+"/\
response/"+u+"/"+B,schemaPath:"#/properties/response/oneOf/1/items/items/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:1}};r===null?r=[re]:r.push(re),e++}else if(J<0||isNaN(J)){const re={instancePath:s+"/response/"+u+"/"+B,schemaPath:"\
#/properties/response/oneOf/1/items/items/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[re]:r.
push(re),e++}}else{const re={instancePath:s+"/response/"+u+"/"+B,schemaPath:"#/properties/response/oneOf/1/items/items/t\
ype",keyword:"type",params:{type:"number"}};r===null?r=[re]:r.push(re),e++}var A=se===e;if(!A)break}}else{const T={instancePath:s+
"/response/"+u,schemaPath:"#/properties/response/oneOf/1/items/type",keyword:"type",params:{type:"array"}};r===null?r=[T]:
r.push(T),e++}var S=p===e;if(!S)break}}else{const H={instancePath:s+"/response",schemaPath:"#/properties/response/oneOf/\
1/type",keyword:"type",params:{type:"array"}};r===null?r=[H]:r.push(H),e++}var F=m===e;if(F&&M?(M=!1,P=[P,1]):F&&(M=!0,P=
1),M)e=w,r!==null&&(w?r.length=w:r=null);else{const H={instancePath:s+"/response",schemaPath:"#/properties/response/oneO\
f",keyword:"oneOf",params:{passingSchemas:P}};return r===null?r=[H]:r.push(H),e++,me.errors=r,!1}var a=R===e}else var a=!0;
if(a){if(t.measuredAt!==void 0){let _=t.measuredAt;const R=e;if(!(typeof _=="number"&&isFinite(_))&&_!==null)return me.errors=
[{instancePath:s+"/measuredAt",schemaPath:"#/properties/measuredAt/type",keyword:"type",params:{type:_e.properties.measuredAt.
type}}],!1;var a=R===e}else var a=!0;if(a){if(t.greyStops!==void 0){let _=t.greyStops;const R=e;if(e===R)if(typeof _=="n\
umber"&&isFinite(_)){if(_>4||isNaN(_))return me.errors=[{instancePath:s+"/greyStops",schemaPath:"#/properties/greyStops/\
maximum",keyword:"maximum",params:{comparison:"<=",limit:4}}],!1;if(_<-4||isNaN(_))return me.errors=[{instancePath:s+"/g\
reyStops",schemaPath:"#/properties/greyStops/minimum",keyword:"minimum",params:{comparison:">=",limit:-4}}],!1}else return me.
errors=[{instancePath:s+"/greyStops",schemaPath:"#/properties/greyStops/type",keyword:"type",params:{type:"number"}}],!1;
var a=R===e}else var a=!0;if(a)if(t.evOffset!==void 0){let _=t.evOffset;const R=e;if(!(typeof _=="number"&&isFinite(_))&&
_!==null)return me.errors=[{instancePath:s+"/evOffset",schemaPath:"#/properties/evOffset/type",keyword:"type",params:{type:_e.
properties.evOffset.type}}],!1;if(e===R&&typeof _=="number"&&isFinite(_)){if(_>30||isNaN(_))return me.errors=[{instancePath:s+
"/evOffset",schemaPath:"#/properties/evOffset/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}}],!1;if(_<-30||
isNaN(_))return me.errors=[{instancePath:s+"/evOffset",schemaPath:"#/properties/evOffset/minimum",keyword:"minimum",params:{
comparison:">=",limit:-30}}],!1}var a=R===e}else var a=!0}}}}}}else return me.errors=[{instancePath:s,schemaPath:"#/type",
keyword:"type",params:{type:"object"}}],!1;return me.errors=r,e===0}const He=Pe,Ie={$id:"velmo/camera-choice/1",oneOf:[{
type:"object",properties:{device:{const:"simulated"},scene:{type:"string",maxLength:64}},required:["device","scene"],additionalProperties:!1},
{type:"object",properties:{device:{const:"browser"},camera:{type:"object",properties:{id:{type:"string",maxLength:512},label:{
type:"string",maxLength:512}},required:["id","label"],additionalProperties:!1},size:{type:"object",properties:{width:{type:"\
integer",minimum:16,maximum:16384},height:{type:"integer",minimum:16,maximum:16384}},required:["width","height"],additionalProperties:!1}},
required:["device"],additionalProperties:!1}]};function Pe(t,{instancePath:s="",parentData:ye,parentDataProperty:he,rootData:de=t}={}){
let r=null,e=0;const a=e;let S=!1,A=null;const F=e;if(e===F)if(t&&typeof t=="object"&&!Array.isArray(t)){let P;if(t.device===
void 0&&(P="device")||t.scene===void 0&&(P="scene")){const G={instancePath:s,schemaPath:"#/oneOf/0/required",keyword:"re\
quired",params:{missingProperty:P}};r===null?r=[G]:r.push(G),e++}else{const G=e;for(const m in t)if(!(m==="device"||m===
"scene")){const d={instancePath:s,schemaPath:"#/oneOf/0/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:m}};
r===null?r=[d]:r.push(d),e++;break}if(G===e){if(t.device!==void 0){const m=e;if(t.device!=="simulated"){const d={instancePath:s+
"/device",schemaPath:"#/oneOf/0/properties/device/const",keyword:"const",params:{allowedValue:"simulated"}};r===null?r=[
d]:r.push(d),e++}var K=m===e}else var K=!0;if(K)if(t.scene!==void 0){let m=t.scene;const d=e;if(e===d)if(typeof m=="stri\
ng"){if(oe(m)>64){const u={instancePath:s+"/scene",schemaPath:"#/oneOf/0/properties/scene/maxLength",keyword:"maxLength",
params:{limit:64}};r===null?r=[u]:r.push(u),e++}}else{const u={instancePath:s+"/scene",schemaPath:"#/oneOf/0/properties/\
scene/type",keyword:"type",params:{type:"string"}};r===null?r=[u]:r.push(u),e++}var K=d===e}else var K=!0}}}else{const P={
instancePath:s,schemaPath:"#/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[P]:r.push(P),e++}var M=F===
e;M&&(S=!0,A=0);const b=e;if(e===b)if(t&&typeof t=="object"&&!Array.isArray(t)){let P;if(t.device===void 0&&(P="device")){
const G={instancePath:s,schemaPath:"#/oneOf/1/required",keyword:"required",params:{missingProperty:P}};r===null?r=[G]:r.
push(G),e++}else{const G=e;for(const m in t)if(!(m==="device"||m==="camera"||m==="size")){const d={instancePath:s,schemaPath:"\
#/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:m}};r===null?r=[d]:r.push(d),e++;
break}if(G===e){if(t.device!==void 0){const m=e;if(t.device!=="browser"){const d={instancePath:s+"/device",schemaPath:"#\
/oneOf/1/properties/device/const",keyword:"const",params:{allowedValue:"browser"}};r===null?r=[d]:r.push(d),e++}var _=m===
e}else var _=!0;if(_){if(t.camera!==void 0){let m=t.camera;const d=e;if(e===d)if(m&&typeof m=="object"&&!Array.isArray(m)){
let u;if(m.id===void 0&&(u="id")||m.label===void 0&&(u="label")){const V={instancePath:s+"/camera",schemaPath:"#/oneOf/1\
/properties/camera/required",keyword:"required",params:{missingProperty:u}};r===null?r=[V]:r.push(V),e++}else{const V=e;
for(const p in m)if(!(p==="id"||p==="label")){const N={instancePath:s+"/camera",schemaPath:"#/oneOf/1/properties/camera/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:p}};r===null?r=[N]:r.push(N),e++;break}if(V===
e){if(m.id!==void 0){let p=m.id;const N=e;if(e===N)if(typeof p=="string"){if(oe(p)>512){const T={instancePath:s+"/camera\
/id",schemaPath:"#/oneOf/1/properties/camera/properties/id/maxLength",keyword:"maxLength",params:{limit:512}};r===null?r=
[T]:r.push(T),e++}}else{const T={instancePath:s+"/camera/id",schemaPath:"#/oneOf/1/properties/camera/properties/id/type",
keyword:"type",params:{type:"string"}};r===null?r=[T]:r.push(T),e++}var R=N===e}else var R=!0;if(R)if(m.label!==void 0){
let p=m.label;const N=e;if(e===N)if(typeof p=="string"){if(oe(p)>512){const B={instancePath:s+"/camera/label",schemaPath:"\
#/oneOf/1/properties/camera/properties/label/maxLength",keyword:"maxLength",params:{limit:512}};r===null?r=[B]:r.push(B),
e++}}else{const B={instancePath:s+"/camera/label",schemaPath:"#/oneOf/1/properties/camera/properties/label/type",keyword:"\
type",params:{type:"string"}};r===null?r=[B]:r.push(B),e++}var R=N===e}else var R=!0}}}else{const u={instancePath:s+"/ca\
mera",schemaPath:"#/oneOf/1/properties/camera/type",keyword:"type",params:{type:"object"}};r===null?r=[u]:r.push(u),e++}
var _=d===e}else var _=!0;if(_)if(t.size!==void 0){let m=t.size;const d=e;if(e===d)if(m&&typeof m=="object"&&!Array.isArray(
m)){let u;if(m.width===void 0&&(u="width")||m.height===void 0&&(u="height")){const V={instancePath:s+"/size",schemaPath:"\
#/oneOf/1/properties/size/required",keyword:"required",params:{missingProperty:u}};r===null?r=[V]:r.push(V),e++}else{const V=e;
for(const p in m)if(!(p==="width"||p==="height")){const N={instancePath:s+"/size",schemaPath:"#/oneOf/1/properties/size/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:p}};r===null?r=[N]:r.push(N),e++;break}if(V===
e){if(m.width!==void 0){let p=m.width;const N=e;if(!(typeof p=="number"&&!(p%1)&&!isNaN(p)&&isFinite(p))){const T={instancePath:s+
"/size/width",schemaPath:"#/oneOf/1/properties/size/properties/width/type",keyword:"type",params:{type:"integer"}};r===null?
r=[T]:r.push(T),e++}if(e===N&&typeof p=="number"&&isFinite(p)){if(p>16384||isNaN(p)){const T={instancePath:s+"/size/widt\
h",schemaPath:"#/oneOf/1/properties/size/properties/width/maximum",keyword:"maximum",params:{comparison:"<=",limit:16384}};
r===null?r=[T]:r.push(T),e++}else if(p<16||isNaN(p)){const T={instancePath:s+"/size/width",schemaPath:"#/oneOf/1/propert\
ies/size/properties/width/minimum",keyword:"minimum",params:{comparison:">=",limit:16}};r===null?r=[T]:r.push(T),e++}}var w=N===
e}else var w=!0;if(w)if(m.height!==void 0){let p=m.height;const N=e;if(!(typeof p=="number"&&!(p%1)&&!isNaN(p)&&isFinite(
p))){const B={instancePath:s+"/size/height",schemaPath:"#/oneOf/1/properties/size/properties/height/type",keyword:"type",
params:{type:"integer"}};r===null?r=[B]:r.push(B),e++}if(e===N&&typeof p=="number"&&isFinite(p)){if(p>16384||isNaN(p)){const B={
instancePath:s+"/size/height",schemaPath:"#/oneOf/1/properties/size/properties/height/maximum",keyword:"maximum",params:{
comparison:"<=",limit:16384}};r===null?r=[B]:r.push(B),e++}else if(p<16||isNaN(p)){const B={instancePath:s+"/size/height",
schemaPath:"#/oneOf/1/properties/size/properties/height/minimum",keyword:"minimum",params:{comparison:">=",limit:16}};r===
null?r=[B]:r.push(B),e++}}var w=N===e}else var w=!0}}}else{const u={instancePath:s+"/size",schemaPath:"#/oneOf/1/propert\
ies/size/type",keyword:"type",params:{type:"object"}};r===null?r=[u]:r.push(u),e++}var _=d===e}else var _=!0}}}}else{const P={
instancePath:s,schemaPath:"#/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[P]:r.push(P),e++}var M=b===
e;if(M&&S?(S=!1,A=[A,1]):M&&(S=!0,A=1),S)e=a,r!==null&&(a?r.length=a:r=null);else{const P={instancePath:s,schemaPath:"#/\
oneOf",keyword:"oneOf",params:{passingSchemas:A}};return r===null?r=[P]:r.push(P),e++,Pe.errors=r,!1}return Pe.errors=r,
e===0}const Ee=te,Ne={$id:"velmo/decision/1",type:"object",properties:{version:{const:1},roll:{type:"string",maxLength:200},
choice:{enum:["kept","dropped",null]},reframe:{type:"object",properties:{quarters:{enum:[0,1,2,3]},tilt:{type:"integer",
minimum:-450,maximum:450},crop:{type:"object",properties:{x:{type:"number",minimum:-1,maximum:2},y:{type:"number",minimum:-1,
maximum:2},width:{type:"number",minimum:.001,maximum:2},height:{type:"number",minimum:.001,maximum:2}},required:["x","y",
"width","height"],additionalProperties:!1}},required:["quarters","tilt","crop"],additionalProperties:!1}},required:["ver\
sion","roll","choice"],additionalProperties:!1};function te(t,{instancePath:s="",parentData:ye,parentDataProperty:he,rootData:de=t}={}){
let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(t)){let F;if(t.version===void 0&&(F="version")||t.roll===
void 0&&(F="roll")||t.choice===void 0&&(F="choice"))return te.errors=[{instancePath:s,schemaPath:"#/required",keyword:"r\
equired",params:{missingProperty:F}}],!1;{const K=e;for(const b in t)if(!(b==="version"||b==="roll"||b==="choice"||b==="\
reframe")){return te.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:b}}],!1;break}if(K===e){if(t.version!==void 0){const b=e;if(t.version!==1)return te.errors=[{instancePath:s+
"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{allowedValue:1}}],!1;var a=b===e}else var a=!0;
if(a){if(t.roll!==void 0){let b=t.roll;const _=e;if(e===_)if(typeof b=="string"){if(oe(b)>200)return te.errors=[{instancePath:s+
"/roll",schemaPath:"#/properties/roll/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return te.errors=[{instancePath:s+
"/roll",schemaPath:"#/properties/roll/type",keyword:"type",params:{type:"string"}}],!1;var a=_===e}else var a=!0;if(a){if(t.
choice!==void 0){let b=t.choice;const _=e;if(!(b==="kept"||b==="dropped"||b===null))return te.errors=[{instancePath:s+"/\
choice",schemaPath:"#/properties/choice/enum",keyword:"enum",params:{allowedValues:Ne.properties.choice.enum}}],!1;var a=_===
e}else var a=!0;if(a)if(t.reframe!==void 0){let b=t.reframe;const _=e;if(e===_)if(b&&typeof b=="object"&&!Array.isArray(
b)){let w;if(b.quarters===void 0&&(w="quarters")||b.tilt===void 0&&(w="tilt")||b.crop===void 0&&(w="crop"))return te.errors=
[{instancePath:s+"/reframe",schemaPath:"#/properties/reframe/required",keyword:"required",params:{missingProperty:w}}],!1;
{const M=e;for(const P in b)if(!(P==="quarters"||P==="tilt"||P==="crop")){return te.errors=[{instancePath:s+"/reframe",schemaPath:"\
#/properties/reframe/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:P}}],!1;break}if(M===
e){if(b.quarters!==void 0){let P=b.quarters;const G=e;if(!(P===0||P===1||P===2||P===3))return te.errors=[{instancePath:s+
"/reframe/quarters",schemaPath:"#/properties/reframe/properties/quarters/enum",keyword:"enum",params:{allowedValues:Ne.properties.
reframe.properties.quarters.enum}}],!1;var S=G===e}else var S=!0;if(S){if(b.tilt!==void 0){let P=b.tilt;const G=e;if(!(typeof P==
"number"&&!(P%1)&&!isNaN(P)&&isFinite(P)))return te.errors=[{instancePath:s+"/reframe/tilt",schemaPath:"#/properties/ref\
rame/properties/tilt/type",keyword:"type",params:{type:"integer"}}],!1;if(e===G&&typeof P=="number"&&isFinite(P)){if(P>450||
isNaN(P))return te.errors=[{instancePath:s+"/reframe/tilt",schemaPath:"#/properties/reframe/properties/tilt/maximum",keyword:"\
maximum",params:{comparison:"<=",limit:450}}],!1;if(P<-450||isNaN(P))return te.errors=[{instancePath:s+"/reframe/tilt",schemaPath:"\
#/properties/reframe/properties/tilt/minimum",keyword:"minimum",params:{comparison:">=",limit:-450}}],!1}var S=G===e}else
var S=!0;if(S)if(b.crop!==void 0){let P=b.crop;const G=e;if(e===G)if(P&&typeof P=="object"&&!Array.isArray(P)){let d;if(P.
x===void 0&&(d="x")||P.y===void 0&&(d="y")||P.width===void 0&&(d="width")||P.height===void 0&&(d="height"))return te.errors=
[{instancePath:s+"/reframe/crop",schemaPath:"#/properties/reframe/properties/crop/required",keyword:"required",params:{missingProperty:d}}],
!1;{const H=e;for(const u in P)if(!(u==="x"||u==="y"||u==="width"||u==="height")){return te.errors=[{instancePath:s+"/re\
frame/crop",schemaPath:"#/properties/reframe/properties/crop/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:u}}],!1;break}if(H===e){if(P.x!==void 0){let u=P.x;const V=e;if(e===V)if(typeof u=="number"&&isFinite(
u)){if(u>2||isNaN(u))return te.errors=[{instancePath:s+"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/cro\
p/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(u<-1||isNaN(u))return te.errors=[{instancePath:s+
"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/crop/properties/x/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:-1}}],!1}else return te.errors=[{instancePath:s+"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/\
crop/properties/x/type",keyword:"type",params:{type:"number"}}],!1;var A=V===e}else var A=!0;if(A){if(P.y!==void 0){let u=P.
y;const V=e;if(e===V)if(typeof u=="number"&&isFinite(u)){if(u>2||isNaN(u))return te.errors=[{instancePath:s+"/reframe/cr\
op/y",schemaPath:"#/properties/reframe/properties/crop/properties/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],
!1;if(u<-1||isNaN(u))return te.errors=[{instancePath:s+"/reframe/crop/y",schemaPath:"#/properties/reframe/properties/cro\
p/properties/y/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}}],!1}else return te.errors=[{instancePath:s+
"/reframe/crop/y",schemaPath:"#/properties/reframe/properties/crop/properties/y/type",keyword:"type",params:{type:"numbe\
r"}}],!1;var A=V===e}else var A=!0;if(A){if(P.width!==void 0){let u=P.width;const V=e;if(e===V)if(typeof u=="number"&&isFinite(
u)){if(u>2||isNaN(u))return te.errors=[{instancePath:s+"/reframe/crop/width",schemaPath:"#/properties/reframe/properties\
/crop/properties/width/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(u<.001||isNaN(u))return te.errors=
[{instancePath:s+"/reframe/crop/width",schemaPath:"#/properties/reframe/properties/crop/properties/width/minimum",keyword:"\
minimum",params:{comparison:">=",limit:.001}}],!1}else return te.errors=[{instancePath:s+"/reframe/crop/width",schemaPath:"\
#/properties/reframe/properties/crop/properties/width/type",keyword:"type",params:{type:"number"}}],!1;var A=V===e}else var A=!0;
if(A)if(P.height!==void 0){let u=P.height;const V=e;if(e===V)if(typeof u=="number"&&isFinite(u)){if(u>2||isNaN(u))return te.
errors=[{instancePath:s+"/reframe/crop/height",schemaPath:"#/properties/reframe/properties/crop/properties/height/maximu\
m",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(u<.001||isNaN(u))return te.errors=[{instancePath:s+"/refra\
me/crop/height",schemaPath:"#/properties/reframe/properties/crop/properties/height/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:.001}}],!1}else return te.errors=[{instancePath:s+"/reframe/crop/height",schemaPath:"#/properties/reframe/prop\
erties/crop/properties/height/type",keyword:"type",params:{type:"number"}}],!1;var A=V===e}else var A=!0}}}}}else return te.
errors=[{instancePath:s+"/reframe/crop",schemaPath:"#/properties/reframe/properties/crop/type",keyword:"type",params:{type:"\
object"}}],!1;var S=G===e}else var S=!0}}}}else return te.errors=[{instancePath:s+"/reframe",schemaPath:"#/properties/re\
frame/type",keyword:"type",params:{type:"object"}}],!1;var a=_===e}else var a=!0}}}}}else return te.errors=[{instancePath:s,
schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return te.errors=r,e===0}const Ue=fe,$e={$id:"velmo/roll/\
1",type:"object",properties:{version:{const:1},id:{type:"string",minLength:1,maxLength:200},name:{type:"string",minLength:1,
maxLength:40},madeAt:{type:"number",minimum:0}},required:["version","id","name","madeAt"],additionalProperties:!1};function fe(t,{
instancePath:s="",parentData:ye,parentDataProperty:he,rootData:de=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&
!Array.isArray(t)){let S;if(t.version===void 0&&(S="version")||t.id===void 0&&(S="id")||t.name===void 0&&(S="name")||t.madeAt===
void 0&&(S="madeAt"))return fe.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",params:{missingProperty:S}}],
!1;{const A=e;for(const F in t)if(!(F==="version"||F==="id"||F==="name"||F==="madeAt")){return fe.errors=[{instancePath:s,
schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:F}}],!1;break}if(A===e){if(t.
version!==void 0){const F=e;if(t.version!==1)return fe.errors=[{instancePath:s+"/version",schemaPath:"#/properties/versi\
on/const",keyword:"const",params:{allowedValue:1}}],!1;var a=F===e}else var a=!0;if(a){if(t.id!==void 0){let F=t.id;const K=e;
if(e===K)if(typeof F=="string"){if(oe(F)>200)return fe.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/maxLeng\
th",keyword:"maxLength",params:{limit:200}}],!1;if(oe(F)<1)return fe.errors=[{instancePath:s+"/id",schemaPath:"#/propert\
ies/id/minLength",keyword:"minLength",params:{limit:1}}],!1}else return fe.errors=[{instancePath:s+"/id",schemaPath:"#/p\
roperties/id/type",keyword:"type",params:{type:"string"}}],!1;var a=K===e}else var a=!0;if(a){if(t.name!==void 0){let F=t.
name;const K=e;if(e===K)if(typeof F=="string"){if(oe(F)>40)return fe.errors=[{instancePath:s+"/name",schemaPath:"#/prope\
rties/name/maxLength",keyword:"maxLength",params:{limit:40}}],!1;if(oe(F)<1)return fe.errors=[{instancePath:s+"/name",schemaPath:"\
#/properties/name/minLength",keyword:"minLength",params:{limit:1}}],!1}else return fe.errors=[{instancePath:s+"/name",schemaPath:"\
#/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var a=K===e}else var a=!0;if(a)if(t.madeAt!==void 0){
let F=t.madeAt;const K=e;if(e===K)if(typeof F=="number"&&isFinite(F)){if(F<0||isNaN(F))return fe.errors=[{instancePath:s+
"/madeAt",schemaPath:"#/properties/madeAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return fe.
errors=[{instancePath:s+"/madeAt",schemaPath:"#/properties/madeAt/type",keyword:"type",params:{type:"number"}}],!1;var a=K===
e}else var a=!0}}}}}else return fe.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;
return fe.errors=r,e===0}const Qe=ve,Ze={$id:"velmo/frame-marks/1",type:"object",properties:{version:{const:1},clips:{type:"\
boolean"},zebra:{type:"boolean"},edges:{type:"boolean"}},required:["version","clips","zebra","edges"],additionalProperties:!1};
function ve(t,{instancePath:s="",parentData:ye,parentDataProperty:he,rootData:de=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t==
"object"&&!Array.isArray(t)){let S;if(t.version===void 0&&(S="version")||t.clips===void 0&&(S="clips")||t.zebra===void 0&&
(S="zebra")||t.edges===void 0&&(S="edges"))return ve.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",
params:{missingProperty:S}}],!1;{const A=e;for(const F in t)if(!(F==="version"||F==="clips"||F==="zebra"||F==="edges")){
return ve.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:F}}],
!1;break}if(A===e){if(t.version!==void 0){const F=e;if(t.version!==1)return ve.errors=[{instancePath:s+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:1}}],!1;var a=F===e}else var a=!0;if(a){if(t.clips!==void 0){
const F=e;if(typeof t.clips!="boolean")return ve.errors=[{instancePath:s+"/clips",schemaPath:"#/properties/clips/type",keyword:"\
type",params:{type:"boolean"}}],!1;var a=F===e}else var a=!0;if(a){if(t.zebra!==void 0){const F=e;if(typeof t.zebra!="bo\
olean")return ve.errors=[{instancePath:s+"/zebra",schemaPath:"#/properties/zebra/type",keyword:"type",params:{type:"bool\
ean"}}],!1;var a=F===e}else var a=!0;if(a)if(t.edges!==void 0){const F=e;if(typeof t.edges!="boolean")return ve.errors=[
{instancePath:s+"/edges",schemaPath:"#/properties/edges/type",keyword:"type",params:{type:"boolean"}}],!1;var a=F===e}else
var a=!0}}}}}else return ve.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return ve.
errors=r,e===0}const Me=ee,ce={$id:"velmo/kit/1",type:"object",properties:{version:{const:1},id:{type:"string",pattern:"\
^[a-z0-9-]{1,40}$"},name:{type:"string",minLength:1,maxLength:40,pattern:"\\S"},parts:{type:"array",items:{enum:["exposu\
re","focus","white","rig","files","series","marks"]},minItems:1,uniqueItems:!0},settings:{$ref:"../settings/8"},monitors:{
type:"object",properties:{over:{enum:["any","red","green","blue","off"]},overColour:{enum:["pink","white","black"]},under:{
type:"boolean"},zebra:{oneOf:[{type:"null"},{type:"object",properties:{on:{const:"raw"},clicksUnder:{type:"integer",minimum:0,
maximum:9}},required:["on","clicksUnder"],additionalProperties:!1},{type:"object",properties:{on:{const:"picture"},percent:{
type:"integer",minimum:70,maximum:109}},required:["on","percent"],additionalProperties:!1}]},toneClicks:{type:["integer",
"null"],minimum:-18,maximum:9},rawHistogram:{enum:["off","small","large"]},logHeight:{type:"boolean"},pictureHistogram:{
type:"boolean"},allowedShare:{enum:[0,.001,.005,.02]},peaking:{enum:["focusing","always","off"]},peakingStrength:{enum:[
"low","medium","high"]},peakingColour:{enum:["violet","white","blue"]}},required:["over","overColour","under","zebra","t\
oneClicks","rawHistogram","logHeight","pictureHistogram","allowedShare","peaking","peakingStrength","peakingColour"],additionalProperties:!1}},
required:["version","id","name","parts","settings","monitors"],additionalProperties:!1},qe=new RegExp("^[a-z0-9-]{1,40}$",
"u"),ze=new RegExp("\\S","u");function ee(t,{instancePath:s="",parentData:ye,parentDataProperty:he,rootData:de=t}={}){let r=null,
e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(t)){let _;if(t.version===void 0&&(_="version")||t.id===void 0&&(_=
"id")||t.name===void 0&&(_="name")||t.parts===void 0&&(_="parts")||t.settings===void 0&&(_="settings")||t.monitors===void 0&&
(_="monitors"))return ee.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",params:{missingProperty:_}}],
!1;{const R=e;for(const w in t)if(!(w==="version"||w==="id"||w==="name"||w==="parts"||w==="settings"||w==="monitors")){return ee.
errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:w}}],
!1;break}if(R===e){if(t.version!==void 0){const w=e;if(t.version!==1)return ee.errors=[{instancePath:s+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:1}}],!1;var a=w===e}else var a=!0;if(a){if(t.id!==void 0){
let w=t.id;const M=e;if(e===M)if(typeof w=="string"){if(!qe.test(w))return ee.errors=[{instancePath:s+"/id",schemaPath:"\
#/properties/id/pattern",keyword:"pattern",params:{pattern:"^[a-z0-9-]{1,40}$"}}],!1}else return ee.errors=[{instancePath:s+
"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type:"string"}}],!1;var a=M===e}else var a=!0;if(a){if(t.
name!==void 0){let w=t.name;const M=e;if(e===M)if(typeof w=="string"){if(oe(w)>40)return ee.errors=[{instancePath:s+"/na\
me",schemaPath:"#/properties/name/maxLength",keyword:"maxLength",params:{limit:40}}],!1;if(oe(w)<1)return ee.errors=[{instancePath:s+
"/name",schemaPath:"#/properties/name/minLength",keyword:"minLength",params:{limit:1}}],!1;if(!ze.test(w))return ee.errors=
[{instancePath:s+"/name",schemaPath:"#/properties/name/pattern",keyword:"pattern",params:{pattern:"\\S"}}],!1}else return ee.
errors=[{instancePath:s+"/name",schemaPath:"#/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var a=M===
e}else var a=!0;if(a){if(t.parts!==void 0){let w=t.parts;const M=e;if(e===M)if(Array.isArray(w)){if(w.length<1)return ee.
errors=[{instancePath:s+"/parts",schemaPath:"#/properties/parts/minItems",keyword:"minItems",params:{limit:1}}],!1;{var S=!0;
const G=w.length;for(let m=0;m<G;m++){let d=w[m];const H=e;if(!(d==="exposure"||d==="focus"||d==="white"||d==="rig"||d===
"files"||d==="series"||d==="marks"))return ee.errors=[{instancePath:s+"/parts/"+m,schemaPath:"#/properties/parts/items/e\
num",keyword:"enum",params:{allowedValues:ce.properties.parts.items.enum}}],!1;var S=H===e;if(!S)break}if(S){let m=w.length,
d;if(m>1){e:for(;m--;)for(d=m;d--;)if(Oe(w[m],w[d])){return ee.errors=[{instancePath:s+"/parts",schemaPath:"#/properties\
/parts/uniqueItems",keyword:"uniqueItems",params:{i:m,j:d}}],!1;break e}}}}}else return ee.errors=[{instancePath:s+"/par\
ts",schemaPath:"#/properties/parts/type",keyword:"type",params:{type:"array"}}],!1;var a=M===e}else var a=!0;if(a){if(t.
settings!==void 0){const w=e;U(t.settings,{instancePath:s+"/settings",parentData:t,parentDataProperty:"settings",rootData:de})||
(r=r===null?U.errors:r.concat(U.errors),e=r.length);var a=w===e}else var a=!0;if(a)if(t.monitors!==void 0){let w=t.monitors;
const M=e;if(e===M)if(w&&typeof w=="object"&&!Array.isArray(w)){let G;if(w.over===void 0&&(G="over")||w.overColour===void 0&&
(G="overColour")||w.under===void 0&&(G="under")||w.zebra===void 0&&(G="zebra")||w.toneClicks===void 0&&(G="toneClicks")||
w.rawHistogram===void 0&&(G="rawHistogram")||w.logHeight===void 0&&(G="logHeight")||w.pictureHistogram===void 0&&(G="pic\
tureHistogram")||w.allowedShare===void 0&&(G="allowedShare")||w.peaking===void 0&&(G="peaking")||w.peakingStrength===void 0&&
(G="peakingStrength")||w.peakingColour===void 0&&(G="peakingColour"))return ee.errors=[{instancePath:s+"/monitors",schemaPath:"\
#/properties/monitors/required",keyword:"required",params:{missingProperty:G}}],!1;{const m=e;for(const d in w)if(!we.call(
ce.properties.monitors.properties,d)){return ee.errors=[{instancePath:s+"/monitors",schemaPath:"#/properties/monitors/ad\
ditionalProperties",keyword:"additionalProperties",params:{additionalProperty:d}}],!1;break}if(m===e){if(w.over!==void 0){
let d=w.over;const H=e;if(!(d==="any"||d==="red"||d==="green"||d==="blue"||d==="off"))return ee.errors=[{instancePath:s+
"/monitors/over",schemaPath:"#/properties/monitors/properties/over/enum",keyword:"enum",params:{allowedValues:ce.properties.
monitors.properties.over.enum}}],!1;var A=H===e}else var A=!0;if(A){if(w.overColour!==void 0){let d=w.overColour;const H=e;
if(!(d==="pink"||d==="white"||d==="black"))return ee.errors=[{instancePath:s+"/monitors/overColour",schemaPath:"#/proper\
ties/monitors/properties/overColour/enum",keyword:"enum",params:{allowedValues:ce.properties.monitors.properties.overColour.
enum}}],!1;var A=H===e}else var A=!0;if(A){if(w.under!==void 0){const d=e;if(typeof w.under!="boolean")return ee.errors=
[{instancePath:s+"/monitors/under",schemaPath:"#/properties/monitors/properties/under/type",keyword:"type",params:{type:"\
boolean"}}],!1;var A=d===e}else var A=!0;if(A){if(w.zebra!==void 0){let d=w.zebra;const H=e,u=e;let V=!1,p=null;const N=e;
if(d!==null){const J={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/0/type",
keyword:"type",params:{type:"null"}};r===null?r=[J]:r.push(J),e++}var K=N===e;K&&(V=!0,p=0);const T=e;if(e===T)if(d&&typeof d==
"object"&&!Array.isArray(d)){let J;if(d.on===void 0&&(J="on")||d.clicksUnder===void 0&&(J="clicksUnder")){const se={instancePath:s+
"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/required",keyword:"required",params:{missingProperty:J}};
r===null?r=[se]:r.push(se),e++}else{const se=e;for(const I in d)if(!(I==="on"||I==="clicksUnder")){const re={instancePath:s+
"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/additionalProperties",keyword:"additionalPr\
operties",params:{additionalProperty:I}};r===null?r=[re]:r.push(re),e++;break}if(se===e){if(d.on!==void 0){const I=e;if(d.
on!=="raw"){const re={instancePath:s+"/monitors/zebra/on",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/pro\
perties/on/const",keyword:"const",params:{allowedValue:"raw"}};r===null?r=[re]:r.push(re),e++}var F=I===e}else var F=!0;
if(F)if(d.clicksUnder!==void 0){let I=d.clicksUnder;const re=e;if(!(typeof I=="number"&&!(I%1)&&!isNaN(I)&&isFinite(I))){
const j={instancePath:s+"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/propert\
ies/clicksUnder/type",keyword:"type",params:{type:"integer"}};r===null?r=[j]:r.push(j),e++}if(e===re&&typeof I=="number"&&
isFinite(I)){if(I>9||isNaN(I)){const j={instancePath:s+"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/p\
roperties/zebra/oneOf/1/properties/clicksUnder/maximum",keyword:"maximum",params:{comparison:"<=",limit:9}};r===null?r=[
j]:r.push(j),e++}else if(I<0||isNaN(I)){const j={instancePath:s+"/monitors/zebra/clicksUnder",schemaPath:"#/properties/m\
onitors/properties/zebra/oneOf/1/properties/clicksUnder/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===
null?r=[j]:r.push(j),e++}}var F=re===e}else var F=!0}}}else{const J={instancePath:s+"/monitors/zebra",schemaPath:"#/prop\
erties/monitors/properties/zebra/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[J]:r.push(J),e++}var K=T===
e;if(K&&V)V=!1,p=[p,1];else{K&&(V=!0,p=1);const J=e;if(e===J)if(d&&typeof d=="object"&&!Array.isArray(d)){let I;if(d.on===
void 0&&(I="on")||d.percent===void 0&&(I="percent")){const re={instancePath:s+"/monitors/zebra",schemaPath:"#/properties\
/monitors/properties/zebra/oneOf/2/required",keyword:"required",params:{missingProperty:I}};r===null?r=[re]:r.push(re),e++}else{
const re=e;for(const n in d)if(!(n==="on"||n==="percent")){const j={instancePath:s+"/monitors/zebra",schemaPath:"#/prope\
rties/monitors/properties/zebra/oneOf/2/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};
r===null?r=[j]:r.push(j),e++;break}if(re===e){if(d.on!==void 0){const n=e;if(d.on!=="picture"){const j={instancePath:s+"\
/monitors/zebra/on",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/properties/on/const",keyword:"const",params:{
allowedValue:"picture"}};r===null?r=[j]:r.push(j),e++}var b=n===e}else var b=!0;if(b)if(d.percent!==void 0){let n=d.percent;
const j=e;if(!(typeof n=="number"&&!(n%1)&&!isNaN(n)&&isFinite(n))){const v={instancePath:s+"/monitors/zebra/percent",schemaPath:"\
#/properties/monitors/properties/zebra/oneOf/2/properties/percent/type",keyword:"type",params:{type:"integer"}};r===null?
r=[v]:r.push(v),e++}if(e===j&&typeof n=="number"&&isFinite(n)){if(n>109||isNaN(n)){const v={instancePath:s+"/monitors/ze\
bra/percent",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/properties/percent/maximum",keyword:"maximum",params:{
comparison:"<=",limit:109}};r===null?r=[v]:r.push(v),e++}else if(n<70||isNaN(n)){const v={instancePath:s+"/monitors/zebr\
a/percent",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/properties/percent/minimum",keyword:"minimum",params:{
comparison:">=",limit:70}};r===null?r=[v]:r.push(v),e++}}var b=j===e}else var b=!0}}}else{const I={instancePath:s+"/moni\
tors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/type",keyword:"type",params:{type:"object"}};r===
null?r=[I]:r.push(I),e++}var K=J===e;K&&V?(V=!1,p=[p,2]):K&&(V=!0,p=2)}if(V)e=u,r!==null&&(u?r.length=u:r=null);else{const J={
instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf",keyword:"oneOf",params:{passingSchemas:p}};
return r===null?r=[J]:r.push(J),e++,ee.errors=r,!1}var A=H===e}else var A=!0;if(A){if(w.toneClicks!==void 0){let d=w.toneClicks;
const H=e;if(!(typeof d=="number"&&!(d%1)&&!isNaN(d)&&isFinite(d))&&d!==null)return ee.errors=[{instancePath:s+"/monitor\
s/toneClicks",schemaPath:"#/properties/monitors/properties/toneClicks/type",keyword:"type",params:{type:ce.properties.monitors.
properties.toneClicks.type}}],!1;if(e===H&&typeof d=="number"&&isFinite(d)){if(d>9||isNaN(d))return ee.errors=[{instancePath:s+
"/monitors/toneClicks",schemaPath:"#/properties/monitors/properties/toneClicks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:9}}],!1;if(d<-18||isNaN(d))return ee.errors=[{instancePath:s+"/monitors/toneClicks",schemaPath:"#/properties/m\
onitors/properties/toneClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1}var A=H===e}else var A=!0;
if(A){if(w.rawHistogram!==void 0){let d=w.rawHistogram;const H=e;if(!(d==="off"||d==="small"||d==="large"))return ee.errors=
[{instancePath:s+"/monitors/rawHistogram",schemaPath:"#/properties/monitors/properties/rawHistogram/enum",keyword:"enum",
params:{allowedValues:ce.properties.monitors.properties.rawHistogram.enum}}],!1;var A=H===e}else var A=!0;if(A){if(w.logHeight!==
void 0){const d=e;if(typeof w.logHeight!="boolean")return ee.errors=[{instancePath:s+"/monitors/logHeight",schemaPath:"#\
/properties/monitors/properties/logHeight/type",keyword:"type",params:{type:"boolean"}}],!1;var A=d===e}else var A=!0;if(A){
if(w.pictureHistogram!==void 0){const d=e;if(typeof w.pictureHistogram!="boolean")return ee.errors=[{instancePath:s+"/mo\
nitors/pictureHistogram",schemaPath:"#/properties/monitors/properties/pictureHistogram/type",keyword:"type",params:{type:"\
boolean"}}],!1;var A=d===e}else var A=!0;if(A){if(w.allowedShare!==void 0){let d=w.allowedShare;const H=e;if(!(d===0||d===
.001||d===.005||d===.02))return ee.errors=[{instancePath:s+"/monitors/allowedShare",schemaPath:"#/properties/monitors/pr\
operties/allowedShare/enum",keyword:"enum",params:{allowedValues:ce.properties.monitors.properties.allowedShare.enum}}],
!1;var A=H===e}else var A=!0;if(A){if(w.peaking!==void 0){let d=w.peaking;const H=e;if(!(d==="focusing"||d==="always"||d===
"off"))return ee.errors=[{instancePath:s+"/monitors/peaking",schemaPath:"#/properties/monitors/properties/peaking/enum",
keyword:"enum",params:{allowedValues:ce.properties.monitors.properties.peaking.enum}}],!1;var A=H===e}else var A=!0;if(A){
if(w.peakingStrength!==void 0){let d=w.peakingStrength;const H=e;if(!(d==="low"||d==="medium"||d==="high"))return ee.errors=
[{instancePath:s+"/monitors/peakingStrength",schemaPath:"#/properties/monitors/properties/peakingStrength/enum",keyword:"\
enum",params:{allowedValues:ce.properties.monitors.properties.peakingStrength.enum}}],!1;var A=H===e}else var A=!0;if(A)
if(w.peakingColour!==void 0){let d=w.peakingColour;const H=e;if(!(d==="violet"||d==="white"||d==="blue"))return ee.errors=
[{instancePath:s+"/monitors/peakingColour",schemaPath:"#/properties/monitors/properties/peakingColour/enum",keyword:"enu\
m",params:{allowedValues:ce.properties.monitors.properties.peakingColour.enum}}],!1;var A=H===e}else var A=!0}}}}}}}}}}}}}else
return ee.errors=[{instancePath:s+"/monitors",schemaPath:"#/properties/monitors/type",keyword:"type",params:{type:"objec\
t"}}],!1;var a=M===e}else var a=!0}}}}}}}else return ee.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{
type:"object"}}],!1;return ee.errors=r,e===0}export{He as cameraChoice,De as cameraLight,Ee as decision,Le as frameRecord,Me as kit,Qe as markChoice,Ve as olderFrameRecord,
Ce as preferences,Ue as rollRecord,Fe as settings};
